import { eachObject, isObject, type Loose } from '../loose'

const thingFrom18 = (thing: Loose): Loose =>
  isObject(thing.box) ? { ...thing, box: { plan: null, ...thing.box } } : thing

/** Boxes of version 18 had four walls at right angles. */
export const from18 = (job: Loose): Loose => ({
  ...thingFrom18(job),
  version: 19,
  also: eachObject(job.also, thingFrom18),
})
