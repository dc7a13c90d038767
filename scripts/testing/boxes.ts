import fc from 'fast-check'
import { PLAIN_BOX, type BoxSpec } from '../../core/box'
import {
  defaultFitting,
  closes,
  FITTINGS,
  lidNamed,
  LID_NAMES,
  PULL_KINDS,
  type Fitting,
  type Lid,
  type Thicknesses,
} from '../../core/fittings'
import type { EdgeRule } from '../../core/joints'

const length = (min: number, max: number) =>
  fc.integer({ min: min * 10, max: max * 10 }).map((tenths) => tenths / 10)
const thickness = fc.integer({ min: 100, max: 1200 }).map((hundredths) => hundredths / 100)
const count = fc.integer({ min: 2, max: 15 })
const of = fc.constantFrom('leading' as const, 'other' as const)

/** Every way of sharing out. */
const rule = (width: fc.Arbitrary<number>): fc.Arbitrary<EdgeRule> =>
  fc.oneof(
    fc.record({ rule: fc.constant('even' as const), width }),
    fc.record({ rule: fc.constant('fixed' as const), width }),
    fc.record({ rule: fc.constant('shares' as const), count }),
    fc.record({ rule: fc.constant('tabs' as const), count: fc.integer({ min: 1, max: 8 }), of }),
    fc.record({ rule: fc.constant('centre' as const), width: length(4, 15), of }),
    fc.record({
      rule: fc.constant('pattern' as const),
      widths: fc
        .array(length(2, 6), { minLength: 1, maxLength: 3 })
        .map((list) => (list.length === 2 ? [...list, list[0]] : list)),
      of,
    }),
  )

/** Boxes with fingers on every edge, each panel of its own thickness. Some of them cannot be made. */
export const fingeredBoxes = fc
  .record({
    width: length(20, 900),
    depth: length(20, 900),
    height: length(20, 900),
  })
  .chain((size) => {
    // Wide boxes get wide tabs: 200 shares along one edge prove no more than 40.
    const narrowest = Math.ceil(Math.max(4, size.width / 40, size.depth / 40, size.height / 40))
    const edges = rule(length(narrowest, Math.max(60, narrowest)))
    return fc.record({
      spec: fc.record({
        sizesAre: fc.constantFrom('outer' as const, 'inner' as const),
        width: fc.constant(size.width),
        depth: fc.constant(size.depth),
        height: fc.constant(size.height),
        fittings: fc.boolean().map((isClosed): Fitting[] => (isClosed ? [{ type: 'top-fingers' }] : [])),
        tabs: fc.record({
          uprights: edges,
          floor: edges,
          top: edges,
          over: fc.constantFrom('between' as const, 'full' as const),
        }),
        proud: fc.oneof(fc.constant(0), length(0.3, 2)),
      }),
      thicknesses: fc.oneof(
        fc.record({
          floor: thickness,
          front: thickness,
          back: thickness,
          left: thickness,
          right: thickness,
          top: thickness,
        }),
        thickness.map((t) => ({ floor: t, front: t, back: t, left: t, right: t, top: t })),
      ),
    })
  })

type Fingered = Pick<BoxSpec, 'sizesAre' | 'width' | 'depth' | 'height' | 'fittings' | 'proud'> & {
  tabs: Pick<BoxSpec['tabs'], 'uprights' | 'floor' | 'top' | 'over'>
}

/** Such a box, with all that it does not ask for. */
export const withDefaults = (spec: Fingered): BoxSpec => ({
  ...PLAIN_BOX,
  ...spec,
  tabs: { ...spec.tabs, mirrored: false, keyed: false },
})

const bolts = fc.option(
  fc.record({
    size: fc.constantFrom('M2' as const, 'M3' as const, 'M4' as const),
    count: fc.integer({ min: 1, max: 3 }),
    length: fc.constantFrom(16, 20, 25),
  }),
  { nil: null, freq: 2 },
)
const cells: fc.Arbitrary<(number | null)[]> = fc.oneof(
  fc.constant<(number | null)[]>([]),
  fc.integer({ min: 2, max: 4 }).map((count) => Array.from({ length: count }, () => null)),
  fc.tuple(length(8, 20), length(8, 20)).map(([a, b]) => [a, null, b]),
)
const row = fc.record({
  cells,
  height: fc.oneof(fc.constant(null), length(10, 40)),
  lift: fc.oneof(fc.constant(0), length(1, 5)),
})

/** A lid of that name, with as much of the figures as it has. */
function anyLid({ name, ...figures }: { name: string }): Lid {
  const begun = lidNamed(name).begin({ ...PLAIN_BOX, sizesAre: 'outer', width: 99, depth: 99, height: 99 }, 3)
  const own = Object.entries(figures).filter(([key]) => key in begun)
  return { ...begun, ...Object.fromEntries(own) } as Lid
}

/** A joint of its own for one edge. */
const ownEdge = (own: { kind: 'fingers' | 'butt'; count: number } | null): BoxSpec['edges'] =>
  own ? { 'front-left': { kind: own.kind, rule: { rule: 'shares', count: own.count }, bolts: null } } : {}

/**
 * Boxes of every joint kind, floor and divider, each panel of its own thickness. Many of them cannot be made
 * as they are asked for.
 */
export const anyBoxes = fc
  .record({
    base: fingeredBoxes,
    size: fc.record({ width: length(60, 300), depth: length(60, 300), height: length(50, 200) }),
    mirrored: fc.boolean(),
    keyed: fc.boolean(),
    corners: fc.record({
      kind: fc.constantFrom('fingers' as const, 'butt' as const, 'lap' as const, 'tenon' as const),
      leads: fc.constantFrom('front and back' as const, 'left and right' as const),
      setIn: fc.constantFrom(0, 6, 10),
    }),
    floor: fc.record({
      kind: fc.constantFrom(...(['fingers', 'butt', 'outside', 'tenon', 'groove', 'ledge', 'none'] as const)),
      raised: fc.constantFrom(0, 8, 12),
      depth: fc.constantFrom(0.5, 1),
      ledge: fc.constant(6),
      arch: fc.constantFrom(0, 6),
    }),
    lid: fc.record({
      name: fc.constantFrom(...LID_NAMES),
      lowered: fc.constantFrom(0, 7),
      depth: fc.constantFrom(0.6, 1.2),
      play: fc.constantFrom(0, 0.3),
      pull: fc.constantFrom(8, 12),
      pin: fc.constantFrom(2, 3, 4),
      rails: fc.boolean(),
      captive: fc.boolean(),
      grip: fc.constantFrom('hole' as const, 'hole' as const, 'hole' as const, 'notch' as const),
    }),
    bolts: fc.record({ uprights: bolts, floor: bolts, top: bolts }),
    own: fc.option(fc.record({ kind: fc.constantFrom('fingers' as const, 'butt' as const), count }), {
      nil: null,
    }),
    dividers: fc.record({
      columns: row,
      rows: row,
      into: fc.constantFrom('slot' as const, 'groove' as const, 'tenon' as const, 'loose' as const),
      depth: fc.constantFrom(0.5, 0.7),
      scoop: fc.constantFrom(0, 5),
      play: fc.constantFrom(0, 0.2),
      foot: fc.boolean(),
    }),
    play: fc.record({
      slots: fc.constant(0), // a pocket wider than what stands in it takes a little of what is beside it
      laps: fc.constantFrom(0, 0.3),
      loose: fc.constantFrom(0.2, 1),
    }),
    dividerThickness: fc.constantFrom(1, 3, 4.2),
  })
  .map(({ base, size, mirrored, keyed, own, lid, dividerThickness, ...rest }) => {
    const thin = (t: number): number => 1.5 + (t % 5)
    const t = base.thicknesses
    const spec: BoxSpec = {
      ...PLAIN_BOX,
      ...base.spec,
      ...size,
      tabs: { ...base.spec.tabs, mirrored, keyed },
      ...rest,
      edges: ownEdge(own),
      fittings: base.spec.fittings.length > 0 ? [anyLid(lid)] : [],
    }
    const mean: Thicknesses = {
      floor: thin(t.floor),
      front: thin(t.front),
      back: thin(t.back),
      left: thin(t.left),
      right: thin(t.right),
      top: thin(t.top),
      dividers: dividerThickness,
    }
    return { spec, mean }
  })

/** Whether anything of a fitting is cut; what has to go in is not. */
export const isMade = ({ make, features }: (typeof FITTINGS)[number]): boolean => Boolean(make ?? features)

/** What a box by itself may be given, beside what closes it. */
const ADDED = FITTINGS.filter((kind) => kind.of !== 'whole' && !closes(kind.type) && isMade(kind)).map(
  ({ type }) => type,
)

/** Such boxes with two to six fittings, as each is begun on them. Most of them cannot be made. */
export const fittedBoxes = fc
  .record({
    box: anyBoxes,
    added: fc.subarray(ADDED, { minLength: 1, maxLength: 5 }),
    pull: fc.constantFrom(...PULL_KINDS),
    soft: fc.constantFrom('round' as const, 'chamfer' as const),
  })
  .map(({ box: { spec, mean }, added, pull, soft }) => {
    const fittings = added.map((type): Fitting => {
      const own = defaultFitting(type, spec, mean.front) as Fitting
      if (own.type === 'pull') return { ...own, kind: pull }
      return own.type === 'softened' ? { ...own, kind: soft } : own
    })
    return { spec: { ...spec, fittings: [...spec.fittings, ...fittings] }, mean }
  })
  .filter(({ spec }) => spec.fittings.length > 1)
