export { readCode, type CodeMove, type CodeRead } from './read'
export { writeCode, type CodeFile } from './write'
