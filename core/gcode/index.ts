export { readCode, type CodeMove } from './read'
export { writeCode, type CodeFile } from './write'
