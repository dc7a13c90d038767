import { cornersOf, planSchema, readAngles, readLengths, type Plan } from '../angled'
import { PLAIN_BOX, sameTabs, withLid, type BoxSpec } from '../box'
import {
  choice,
  count,
  degrees,
  length,
  numberOf,
  TAB,
  text,
  THICKNESS,
  type Kind,
  type KindValues,
} from './kind'

const ENDS = {
  'inside both faces': 'flush',
  'half way': 'middle',
  'proud, to be sanded': 'full',
} as const
const ends = choice('ends', 'where tab ends stop at slanted corners', Object.keys(ENDS))
const top = choice('top', 'how the top is held', ['open', 'fingers', 'lift'])
const sizes = choice('sizes', 'side of the walls that sizes are measured on', ['outer', 'inner'])

const endsOf = (values: KindValues): Plan['ends'] => ENDS[values.ends as keyof typeof ENDS]

/** A box round a plan; width and depth are kept as what the plan's walls reach over. */
function planBox(values: KindValues, plan: Plan): BoxSpec {
  const corners = cornersOf(plan.shape)
  const across = (key: 'x' | 'y'): number => {
    const all = corners.map((corner) => corner[key])
    return Number(Math.max(1, Math.max(...all) - Math.min(...all)).toFixed(4))
  }
  const box: BoxSpec = {
    ...PLAIN_BOX,
    sizesAre: values.sizes as BoxSpec['sizesAre'],
    width: across('x'),
    depth: across('y'),
    height: numberOf(values, 'height'),
    plan,
    tabs: sameTabs({ rule: 'even', width: numberOf(values, 'tab') }),
    proud: 0,
  }
  return values.top === 'open' ? box : withLid(box, String(values.top), numberOf(values, 'thickness'))
}

/** Dividers from the middle of each wall to that of the wall over against it. */
const spokesOf = (walls: number, dividers: number): Plan['partitions'] =>
  Array.from({ length: dividers }, (_, i) => ({
    from: { wall: i + 1, share: 0.5 },
    to: { wall: i + 1 + walls / 2, share: 0.5 },
  }))

/** A box with any number of walls of one length. */
export const polygonBox: Kind = {
  kind: 'polygon-box',
  title: 'Box with 3 to 12 equal walls',
  words: 'hexagon hexagonal octagon triangle polygon round vial rack pen pot angle',
  numbers: [
    count('walls', 'how many walls', [3, 12], 6),
    length('side', 'length of each wall', [15, 1000], 60),
    length('height', 'height', [10, 1000], 60),
    count('dividers', 'dividers through the middle, where the walls are even in number', [0, 6], 0),
    sizes,
    top,
    ends,
    TAB,
    THICKNESS,
  ],
  refuses(values) {
    const [walls, dividers] = [numberOf(values, 'walls'), numberOf(values, 'dividers')]
    if (dividers === 0 || (walls % 2 === 0 && dividers <= walls / 2)) return null
    return `Dividers through the middle stand between opposite walls: ${walls} walls take ${
      walls % 2 === 0 ? `at most ${walls / 2}` : 'none'
    }.`
  },
  make: (values) =>
    planBox(values, {
      shape: { kind: 'regular', walls: numberOf(values, 'walls'), side: numberOf(values, 'side') },
      lean: [0],
      slope: null,
      partitions: spokesOf(numberOf(values, 'walls'), numberOf(values, 'dividers')),
      ends: endsOf(values),
    }),
}

/** Walls that lean outward from the floor. */
export const taperedPlanter: Kind = {
  kind: 'tapered-planter',
  title: 'Planter, its walls leaning outward',
  words: 'tapered flower pot plant hopper bowl basket slanted sloped cone',
  numbers: [
    length('side', 'length of each wall at the floor', [15, 1000], 90),
    length('height', 'height', [10, 1000], 110),
    degrees('lean', 'how far the walls lean outward', [-40, 40], 12),
    count('walls', 'how many walls', [3, 12], 4),
    sizes,
    ends,
    TAB,
    THICKNESS,
  ],
  make: (values) =>
    planBox(
      { ...values, top: 'open' },
      {
        shape: { kind: 'regular', walls: numberOf(values, 'walls'), side: numberOf(values, 'side') },
        lean: [numberOf(values, 'lean')],
        slope: null,
        partitions: [],
        ends: endsOf(values),
      },
    ),
}

function shapeOf(values: KindValues): Plan['shape'] | { error: string } {
  const lengths = readLengths(String(values.lengths), values.unit === 'in' ? 'in' : 'mm')
  const angles = readAngles(String(values.angles))
  if (!lengths) return { error: `The lengths “${values.lengths}” cannot be read. Type them so: 120, 60, 70.` }
  if (!angles) return { error: `The angles “${values.angles}” cannot be read. Type them so: 90, 90, 270.` }
  if (angles.length !== lengths.length - 1)
    return {
      error:
        `${lengths.length} walls have ${lengths.length - 1} corners between them; ` +
        `${angles.length} angles were given. ` +
        'The last wall, which closes the plan, is worked out.',
    }
  const shape = { kind: 'lengths' as const, lengths, angles }
  const read = planSchema.shape.shape.safeParse(shape)
  return read.success
    ? shape
    : { error: 'Give 2 to 11 walls from 1 to 5000 mm, with corners from 30° to 330°.' }
}

/** Any plan by its lengths and angles: L, T, U, a trapezoid. */
export const lengthsBox: Kind = {
  kind: 'plan-box',
  title: 'Box by the lengths and angles of its walls',
  words: 'L-shaped corner T U trapezoid house irregular any plan floor plan odd shape',
  numbers: [
    text('lengths', 'lengths of the walls, one after another; the last one closes the plan', 200, [
      '160 mm, 60 mm, 90 mm, 70 mm, 70 mm',
    ]),
    text('angles', 'angle inside between each of these walls and the next', 200, ['90, 90, 270, 90']),
    length('height', 'height', [10, 1000], 50),
    sizes,
    top,
    ends,
    TAB,
    THICKNESS,
  ],
  refuses(values) {
    const shape = shapeOf(values)
    return 'error' in shape ? shape.error : null
  },
  make(values) {
    const shape = shapeOf(values)
    if ('error' in shape) throw new Error(shape.error)
    return planBox(values, { shape, lean: [0], slope: null, partitions: [], ends: endsOf(values) })
  },
}

/** A desk whose top slopes toward the one who stands at it. */
export const lectern: Kind = {
  kind: 'lectern',
  title: 'Lectern or sloping display box',
  words: 'desk slope slanted top stand music sloped rim display sign',
  numbers: [
    length('width', 'outer width', [30, 1000], 200),
    length('depth', 'outer depth', [30, 1000], 140),
    length('height', 'outer height of the front', [10, 1000], 40),
    degrees('slope', 'how steeply the top rises to the back', [1, 45], 20),
    choice('top', 'how the top is held', ['fingers', 'open']),
    ends,
    TAB,
    THICKNESS,
  ],
  make(values) {
    const [width, depth] = [numberOf(values, 'width'), numberOf(values, 'depth')]
    return planBox(
      { ...values, sizes: 'outer' },
      {
        shape: { kind: 'lengths', lengths: [width, depth, width], angles: [90, 90] },
        lean: [0],
        slope: { angle: numberOf(values, 'slope'), from: 1, ridge: false },
        partitions: [],
        ends: endsOf(values),
      },
    )
  },
}

/** A hole in the middle of the front wall, as high as its middle is said to be. */
const entranceOf = (diameter: number, up: number): BoxSpec['openings'][number] => ({
  id: 'entrance',
  panel: 'wall-1',
  shape: { kind: 'round', diameter },
  repeat: { kind: 'grid', columns: 1, rows: 1, apart: 0 },
  from: '',
  anchor: 'bottom',
  point: 'centre',
  right: 0,
  up,
  turn: 0,
  mirrored: false,
})

/** Where the entrance of a house is, as a share of the height of its eaves. */
const ENTRANCE = 0.7

/** Four walls under two tops that meet at a ridge. */
export const houseBox: Kind = {
  kind: 'house-box',
  title: 'House: a top with a ridge',
  words: 'gable roof ridge pitched bird nest insect hut lantern shed money barn',
  numbers: [
    length('width', 'outer width', [40, 1000], 150),
    length('depth', 'outer depth', [40, 1000], 150),
    length('height', 'outer height of the eaves', [20, 1000], 160),
    degrees('slope', 'how steeply the top rises to the ridge', [10, 45], 35),
    choice('ridge', 'way of the ridge', ['front to back', 'left to right']),
    choice('floor', 'with a floor, or open below', ['floor', 'open']),
    length('hole', 'diameter of a hole in the front; 0 is none', [0, 300], 0),
    ends,
    TAB,
    THICKNESS,
  ],
  make(values) {
    const [width, depth] = [numberOf(values, 'width'), numberOf(values, 'depth')]
    const [height, hole] = [numberOf(values, 'height'), numberOf(values, 'hole')]
    const from = values.ridge === 'front to back' ? 2 : 1
    const box = planBox(
      { ...values, sizes: 'outer', top: 'fingers' },
      {
        shape: { kind: 'lengths', lengths: [width, depth, width], angles: [90, 90] },
        lean: [0],
        slope: { angle: numberOf(values, 'slope'), from, ridge: true },
        partitions: [],
        ends: endsOf(values),
      },
    )
    return {
      ...box,
      floor: values.floor === 'open' ? { ...box.floor, kind: 'none' } : box.floor,
      openings: hole > 0 ? [entranceOf(hole, ENTRANCE * height)] : [],
    }
  },
}
