import {
  CORNER_KINDS,
  FLOOR_KINDS,
  PLAIN_BOX,
  sameTabs,
  withCorners,
  withFloor,
  withLid,
  type BoxSpec,
  type CornerKind,
  type FloorKind,
} from '../box'
import { LID_NAMES } from '../fittings'
import { choice, length, numberOf, TAB, THICKNESS, type Kind } from './kind'

/** A box with any corners, floor and top. */
export const plainBox: Kind = {
  kind: 'box',
  title: 'Plain box',
  words: 'simple open closed storage crate any corners floor top',
  numbers: [
    length('width', 'width', [10, 2000], 120),
    length('depth', 'depth', [10, 2000], 80),
    length('height', 'height', [10, 2000], 50),
    choice('sizes', 'side of the walls that sizes are measured on', ['outer', 'inner']),
    choice('corners', 'how the walls meet', CORNER_KINDS),
    choice('floor', 'how the floor is held', FLOOR_KINDS),
    choice('top', 'how the top is held', ['open', ...LID_NAMES]),
    TAB,
    THICKNESS,
  ],
  make(values): BoxSpec {
    const thickness = numberOf(values, 'thickness')
    const box: BoxSpec = {
      ...PLAIN_BOX,
      sizesAre: values.sizes as BoxSpec['sizesAre'],
      width: numberOf(values, 'width'),
      depth: numberOf(values, 'depth'),
      height: numberOf(values, 'height'),
      tabs: sameTabs({ rule: 'even', width: numberOf(values, 'tab') }),
      proud: 0,
    }
    const floored = withFloor(box, values.floor as FloorKind, thickness)
    const cornered = withCorners(floored, values.corners as CornerKind, thickness)
    return values.top === 'open' ? cornered : withLid(cornered, String(values.top), thickness)
  },
}
