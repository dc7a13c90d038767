import type { Job } from '../job'

/**
 * Whether a plan rests on each part of a job. A part that is added to a job is missing here until somebody
 * says so: the compiler asks. What is engraved may say the job's name and how often it was cut: that is in
 * the parts, which are looked at beside this.
 */
const PLANNED: Record<Exclude<keyof Job, 'cut'>, boolean> = {
  measure: true,
  thing: true,
  box: true,
  copies: true,
  also: true,
  interference: true,
  layout: true,
  tune: true,
  format: false,
  version: false,
  id: false,
  name: false,
  changed: false,
  batch: false,
  whole: false, // it decides sizes, and those are looked at
  figures: false,
  follows: false,
  mockOf: false,
  build: false,
  template: false,
  price: false,
  log: false,
}
const PLANNED_CUT: Record<keyof Job['cut'], boolean> = {
  compensation: true,
  labels: true,
  mark: true,
  letters: true,
  face: true,
  turn: true,
  off: true,
  start: true,
  bridges: true,
  formats: false,
  files: true,
  frame: true,
  look: true,
  written: false,
}

const picked = <T extends object>(from: T, wanted: Partial<Record<keyof T, boolean>>): unknown[] =>
  (Object.keys(wanted) as (keyof T)[]).filter((key) => wanted[key]).map((key) => from[key])

/** What of a job its plan is worked out from: a note or a tick asks for no new one. */
export const planInputs = (job: Job): unknown[] => [...picked(job, PLANNED), ...picked(job.cut, PLANNED_CUT)]
