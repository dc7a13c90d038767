import { notACode as words } from './words'

/** Why a bench cannot be gone to. @param such a code that is one */
export const notACode = (typed: string, such: string): string => words.notCodeBench(typed.slice(0, 20), such)
