import { withFloor, withInto, type BoxSpec } from '../box'
import { DRAWER_PULLS, FRONT_KINDS, RUN_KINDS, type Whole } from '../whole'
import {
  choice,
  count,
  equalCells,
  length,
  numberOf,
  sizedBox,
  TAB,
  THICKNESS,
  type Kind,
  type KindValues,
} from './kind'

const INTO = ['tenon', 'slot', 'groove'] as const

/** The drawer that all of them are like, before the openings say how large each is. */
const drawer = (values: KindValues): BoxSpec =>
  withFloor(
    sizedBox(values, 'outer'),
    values['drawer-floor'] as 'fingers' | 'groove' | 'tenon',
    numberOf(values, 'thickness'),
  )

/** A case of columns and rows with a drawer in every opening. */
export const cabinet: Kind = {
  kind: 'cabinet',
  title: 'Cabinet with drawers',
  words: 'drawers screws parts chest organiser',
  numbers: [
    length('width', 'outer width of the case', [60, 2000], 240),
    length('depth', 'outer depth of the case', [40, 1000], 120),
    length('height', 'outer height of the case', [40, 2000], 200),
    count('columns', 'drawers beside each other', [1, 12], 3),
    count('rows', 'drawers on top of each other', [1, 20], 4),
    choice('on', 'what drawers run on', RUN_KINDS),
    length('runner', 'height of a runner', [2, 100], 6),
    choice('into', 'how shelves and uprights are held', INTO),
    length('side', 'play at each side of a drawer', [0, 20], 1.27),
    length('above', 'play above a drawer', [0, 20], 0.65),
    length('behind', 'room behind a drawer', [0, 200], 0),
    choice('front', 'how the fronts stand', FRONT_KINDS),
    length('set-back', 'how far they stand back', [0, 200], 2),
    length('gap', 'gap between plates', [0, 20], 1.5),
    choice('pull', 'what pulls a drawer out', [
      'half-round',
      ...DRAWER_PULLS.filter((kind) => kind !== 'half-round'),
    ]),
    length('pull-size', 'size of that', [4, 200], 20),
    choice('drawer-floor', 'how the drawers’ floors are held', ['fingers', 'groove', 'tenon']),
    TAB,
    THICKNESS,
  ],
  make(values): BoxSpec {
    return withInto(
      { ...sizedBox(values, 'outer'), lies: 'on its back' },
      values.into as 'slot',
      numberOf(values, 'thickness'),
    )
  },
  other: drawer,
  whole(values): Whole {
    return {
      kind: 'cabinet',
      byHand: false,
      width: numberOf(values, 'width'),
      depth: numberOf(values, 'depth'),
      height: numberOf(values, 'height'),
      columns: equalCells(numberOf(values, 'columns')),
      rows: equalCells(numberOf(values, 'rows')),
      on: values.on as (typeof RUN_KINDS)[number],
      runner: numberOf(values, 'runner'),
      side: numberOf(values, 'side'),
      above: numberOf(values, 'above'),
      behind: numberOf(values, 'behind'),
      front: values.front as (typeof FRONT_KINDS)[number],
      setBack: numberOf(values, 'set-back'),
      gap: numberOf(values, 'gap'),
      pull: { kind: values.pull as (typeof DRAWER_PULLS)[number], size: numberOf(values, 'pull-size') },
    }
  },
}
