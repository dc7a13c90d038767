import { closes, FITTINGS, type FittingType } from '@core/fittings'
import type { Job } from '@core/job'
import type { BoxThing } from '@core/say'

/** Fields of Shape by the thing that they belong to; a dash at the end stands for all that follow. */
const FIELDS_OF: Partial<Record<BoxThing, string[]>> = {
  whole: ['whole', 'whole-'],
  lid: ['top', 'bolts-top', 'tabs-top', 'tabs-top-'],
  fit: ['wanted-fit', 'interference', 'proud', 'slot-play', 'lap-play', 'loose-play'],
  corners: [
    ...['corner-joint', 'wall-order', 'set-in', 'keyed', 'mirrored'],
    ...['uprights-over', 'bolts-uprights', 'tabs-uprights', 'tabs-uprights-'],
  ],
  floor: [
    ...['floor-joint', 'raised', 'arch', 'floor-depth', 'ledge', 'lies'],
    ...['bolts-floor', 'tabs-floor', 'tabs-floor-'],
  ],
  dividers: ['columns', 'rows', 'columns-height', 'rows-height', 'into', 'scoop', 'divider-'],
  openings: ['openings', 'opening-'],
  engravings: ['engravings', 'engraving-'],
  bends: ['bends', 'bend-', 'radius', 'link', 'bridge', 'latch'],
  plan: ['plan', 'plan-'],
  stocks: ['stock-', 'letters', 'seams', 'seams-'],
  figures: ['figures', 'own-kind'],
  'mock-up': ['mock-up'],
  kind: ['kind'],
  add: ['add-', 'things', 'thing-name'],
  'fitting-holes': ['hole-'],
}

const known = new Map<string, BoxThing>([
  ...Object.entries(FIELDS_OF).flatMap(([thing, fields]) =>
    fields.map((field) => [field, thing as BoxThing] as const),
  ),
  ...FITTINGS.flatMap(({ type, fields }) =>
    [type, ...fields.map(({ at }) => at)].map(
      (at) => [at, closes(type) ? 'lid' : (`fitting-${type}` as const)] as const,
    ),
  ),
])

/** Which thing of the box must be chosen for a field of Shape to be there; null for those that always are. */
export function thingOfField(id: string): BoxThing | null {
  const whole = known.get(id)
  if (whole) return whole
  const dashes = [...id.matchAll(/-/g)].map(({ index }) => id.slice(0, index + 1)).reverse()
  for (const start of dashes) {
    const thing = known.get(start)
    if (thing) return thing
  }
  return null
}

/** Where a field of a job is found: what is not there yet leads to where it is added. */
export function placeOfField(
  id: string,
  { box, whole }: Pick<Job, 'box' | 'whole'>,
): { thing: BoxThing | null; field: string } {
  const has = (name: string): boolean => box.fittings.some(({ type }) => name === type)
  const added = id.startsWith('add-') && id.slice('add-'.length)
  if (added && has(added)) return { thing: `fitting-${added as FittingType}`, field: `fitting-${added}` }
  const thing = thingOfField(id)
  if (thing === 'whole' && !whole) return { thing: 'kind', field: id }
  if (thing?.startsWith('fitting-') && !has(thing.slice('fitting-'.length)))
    return { thing: 'add', field: id }
  return { thing, field: id }
}
