export { codeSteps, readCode, type CodeMove, type CodeRead } from './read'
export { ORDINARY_SPOKEN, writeCode, type CodeFile } from './write'
