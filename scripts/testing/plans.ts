import fc from 'fast-check'
import { resolve, type Assembly, type Panel } from '../../core/assembly'
import {
  makeAngled,
  MOST_WALLS,
  narrowProblems,
  planProblems,
  type Angled,
  type AngledSpec,
  type AngledTabs,
  type Sheets,
} from '../../core/angled'

const tenths = (min: number, max: number) =>
  fc.integer({ min: min * 10, max: max * 10 }).map((each) => each / 10)

const regular = fc.record({
  kind: fc.constant('regular' as const),
  walls: fc.integer({ min: 3, max: MOST_WALLS }),
  side: tenths(40, 200),
})
/** Lengths and angles in any order close to something, or to nothing that can be made. */
const loose = fc.integer({ min: 2, max: 5 }).chain((count) =>
  fc.record({
    kind: fc.constant('lengths' as const),
    lengths: fc.array(tenths(40, 200), { minLength: count, maxLength: count }),
    angles: fc.array(tenths(50, 150), { minLength: count - 1, maxLength: count - 1 }),
  }),
)
/** L- and T-shaped ones, with corners that point inward. */
const angled = fc
  .record({
    a: tenths(120, 250),
    b: tenths(50, 110),
    c: tenths(50, 110),
    d: tenths(120, 250),
    skew: tenths(-25, 25),
  })
  .map(({ a, b, c, d, skew }) => ({
    kind: 'lengths' as const,
    lengths: [a, b, a - c, d - b, c],
    angles: [90, 90, 270 + skew, 90 - skew],
  }))

const rising = fc.record({
  angle: tenths(1, 35),
  from: fc.integer({ min: 1, max: 3 }),
  ridge: fc.constant(false),
})
const ridged = fc.record({
  angle: tenths(10, 45),
  from: fc.integer({ min: 1, max: 4 }),
  ridge: fc.constant(true),
})

const end = fc.record({
  wall: fc.integer({ min: 1, max: 6 }),
  share: fc.constantFrom(0.5, 0.35, 0.6),
})
const partition = fc.record({ from: end, to: end })

/** Boxes whose walls stand at any angle; some of them cannot be made. */
export const anyPlans = fc
  .record({
    shape: fc.oneof(regular, loose, angled),
    isUpright: fc.boolean(),
    isAlike: fc.boolean(),
    leans: fc.array(tenths(-30, 35), { minLength: MOST_WALLS, maxLength: MOST_WALLS }),
    ends: fc.constantFrom('flush' as const, 'middle' as const, 'full' as const),
    sizesAre: fc.constantFrom('outer' as const, 'inner' as const),
    height: tenths(25, 150),
    hasFloor: fc.boolean(),
    raised: fc.oneof(fc.constant(0), tenths(5, 20)),
    top: fc.constantFrom('none' as const, 'fingers' as const, 'lid' as const),
    slope: fc.oneof(
      { weight: 2, arbitrary: fc.constant(null) },
      { weight: 6, arbitrary: rising },
      { weight: 2, arbitrary: ridged },
    ),
    lidPlay: fc.constant(0.3),
    play: fc.constant(0.1),
    laps: fc.constant(0.2),
    sheets: fc.record({
      walls: tenths(1, 8),
      floor: tenths(1, 8),
      top: tenths(1, 8),
      dividers: tenths(1, 8),
    }),
    partitions: fc.oneof(
      { weight: 3, arbitrary: fc.array(partition, { maxLength: 0 }) },
      { weight: 1, arbitrary: fc.array(partition, { minLength: 1, maxLength: 2 }) },
    ),
    width: tenths(5, 25),
    keyed: fc.boolean(),
    of: fc.constantFrom('leading' as const, 'other' as const),
    isCounted: fc.boolean(),
  })
  .map(
    ({
      shape,
      isUpright,
      isAlike,
      leans,
      width,
      keyed,
      of,
      isCounted,
      ends,
      sheets,
      slope,
      partitions,
      ...rest
    }) => {
      const walls = shape.kind === 'regular' ? shape.walls : shape.lengths.length + 1
      const lean = isUpright ? [0] : isAlike ? [leans[0]] : leans.slice(0, walls).map((each) => each / 2)
      const rule = isCounted ? { rule: 'tabs' as const, count: 2, of } : { rule: 'even' as const, width }
      const spec: AngledSpec = {
        ...rest,
        plan: { shape, lean, ends, slope: rest.top === 'lid' ? null : slope, partitions },
      }
      const tabs: AngledTabs = { rules: { uprights: rule, floor: rule, top: rule }, keyed }
      return { spec, sheets, tabs }
    },
  )

/** Parts and joints alone, as an assembly. */
export const assemblyOf = ({ parts, joints, inner }: Angled): Assembly => ({
  parts,
  joints: [...joints, ...inner],
  corners: [],
  contacts: [],
  groups: [],
  sheets: [],
  strips: [],
})

const NEEDED = 1

/** A box that can be made, with its panels; null for the others. */
export function makeablePlan({
  spec,
  sheets,
  tabs,
}: {
  spec: AngledSpec
  sheets: Sheets
  tabs: AngledTabs
}): {
  box: Angled
  panels: Panel[]
} | null {
  if (planProblems(spec, sheets, NEEDED).length > 0) return null
  const box = makeAngled(spec, { mean: sheets, thickest: sheets }, tabs)
  if (narrowProblems(box, tabs, NEEDED).length > 0) return null
  const { panels, broken } = resolve(assemblyOf(box), { proud: 0, interference: 0 })
  return broken.length === 0 ? { box, panels } : null
}
