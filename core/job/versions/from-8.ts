import { eachObject, isObject, type RawRecord } from '../raw-record'

/** Openings of version 8 had no name of their own, and were repeated in a grid. */
const openingFrom8 = ({ columns, rows, apart, ...opening }: RawRecord, i: number): RawRecord => ({
  id: `opening-${i + 1}`,
  from: '',
  ...opening,
  repeat: { kind: 'grid', columns, rows, apart },
})

/** Engravings of version 8 were on the outside, filled or followed. */
const engravingFrom8 = ({ as, ...engraving }: RawRecord): RawRecord => ({
  side: 'outside',
  from: '',
  ...engraving,
  how: { kind: as },
})

const boxFrom8 = (box: unknown): unknown =>
  isObject(box)
    ? {
        ...box,
        fittings: isObject(box.fittings) ? { softened: null, ...box.fittings } : box.fittings,
        openings: eachObject(box.openings, openingFrom8),
        engravings: eachObject(box.engravings, engravingFrom8),
        pictures: [],
      }
    : box

const layoutFrom8 = (layout: unknown): unknown =>
  isObject(layout) && isObject(layout.settings)
    ? { ...layout, settings: { inOpenings: false, ...layout.settings } }
    : layout

/** Nobody wrote down when tests of version 8 were made. */
export const testFrom8 = (test: RawRecord): RawRecord => ({ on: '', ...test })

/** A job of version 8. */
export const from8 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 9,
  layout: layoutFrom8(job.layout),
  // What was on the face that lay down was left out.
  cut: isObject(job.cut) ? { turn: 'leave out', ...job.cut } : job.cut,
  tune: isObject(job.tune)
    ? { own: [], ...job.tune, tests: eachObject(job.tune.tests, testFrom8) }
    : job.tune,
  box: boxFrom8(job.box),
  also: eachObject(job.also, (thing) => ({ ...thing, box: boxFrom8(thing.box) })),
})
