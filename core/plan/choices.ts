// What a maker chooses of a plan, apart from what works it out: records need only this.

/** What one file is written for: a load of a sheet, each operation on it, or each part on it. */
export const FILES_PER = ['sheet', 'operation', 'part'] as const
export type FilesPer = (typeof FILES_PER)[number]

/**
 * How a sheet is turned over between its faces: about its upright middle line, so that left and right change
 * places, or about the level one; or what is on the other face is left out.
 */
export const TURNS = ['left to right', 'front to back', 'leave out'] as const
export type TurnedHow = (typeof TURNS)[number]
