export { layoutTask } from './layout'
export { readTask, taskSchema, type Task, type TaskLayout } from './read'
