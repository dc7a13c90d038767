import { isObject, type RawRecord } from '../raw-record'

const WOOD_GLUE = { kind: 'wood glue', open: 5, hold: 10, full: 24 }

/** Jobs of version 16 did not say what they are glued with: wood glue, as it was said of all. */
export const from16 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 17,
  build: isObject(job.build) ? { glue: WOOD_GLUE, ...job.build } : job.build,
})
