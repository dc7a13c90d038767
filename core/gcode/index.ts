export { codeSteps, readCode, type CodeMove } from './read'
export { ORDINARY_SPOKEN, writeCode, type CodeFile } from './write'
