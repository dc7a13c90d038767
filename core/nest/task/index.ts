export { layoutTask } from './layout'
export { readTask, type Task, type TaskLayout } from './read'
