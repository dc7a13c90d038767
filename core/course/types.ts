import type { Say } from '../length'

/** What a learner fills in. Lengths in mm, speeds in mm/s; an order is a list of the items' ids. */
export type Answer = number | string | string[]
export type Answers = Record<string, Answer>

interface Named {
  id: string
  label: string
}

export type Question = Named &
  (
    | { kind: 'length' | 'fine' | 'speed'; min: number; max: number }
    | { kind: 'choice'; options: string[] }
    | { kind: 'order'; items: { id: string; name: string }[] }
  )

/** Whether an answer is right, and what it comes to, in one sentence or two. */
export interface Outcome {
  right: boolean
  said: (say: Say) => string
}

/** Something that can be tried on the simulated machine before one answers. */
export interface Trying {
  label: string
  min: number
  max: number
  most: number
  run: (value: number) => string
}

/** One exercise with its own figures: the same seed gives the same ones. */
export interface Task {
  story: (say: Say) => string[]
  /** Readings off the simulated machine, mm. */
  readings: { label: string; values: number[] } | null
  trying: Trying | null
  questions: Question[]
  hints: (say: Say) => string[]
  check: (answers: Answers) => Outcome
}

export interface Exercise {
  id: string
  title: string
  /** What it is for, in a line. */
  about: string
  make: (seed: number) => Task
}

/** Whether a figure is as near to the right one as is asked; one that was not typed is not. */
export const isNear = (value: number, wanted: number, by: number): boolean => Math.abs(value - wanted) <= by

/** The number that was typed for a question; not a number where none was. */
export const numberIn = (answers: Answers, id: string): number => {
  const value = answers[id]
  return typeof value === 'number' ? value : Number.NaN
}
