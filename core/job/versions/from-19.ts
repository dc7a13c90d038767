import { isObject, type RawRecord } from '../raw-record'

/** What is done after the glue was not said. */
const NOTHING_ON = { kind: 'none', coats: 1, dry: 1, hard: 0, inside: false }

/** Jobs of version 19 ended with the glue. */
export const from19 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 20,
  build: isObject(job.build) ? { ...job.build, finish: NOTHING_ON } : job.build,
})
