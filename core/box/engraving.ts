import {
  mapShapes,
  placing,
  pointsOf,
  shapesOfMotif,
  turning,
  type Place,
  type Shapes,
  type Words,
} from '../art'
import type { Bounds, Point } from '../geometry'
import type { Engraving } from './engraving-record'
import { baseOf, oppositeOf } from './opening'
import type { BoxSpec } from './spec'

/** Until somebody says of which job: as the words stand in the text. */
const NO_WORDS: Words = { job: '{job}', revision: '{revision}' }

/** An engraving on a panel, on its own plane. */
export interface Engraved extends Shapes {
  of: Engraving
  /** Which of all engravings it is, from 0. */
  index: number
}

/** Dots that all pictures on a box come to, each time they are burnt. */
export const dotsOfAll = ({ engravings, pictures }: Pick<BoxSpec, 'engravings' | 'pictures'>): number =>
  engravings.reduce((sum, { motif, mirrored }) => {
    const picture = motif.kind === 'picture' && pictures.find(({ id }) => id === motif.picture)
    if (!picture || motif.kind !== 'picture') return sum
    const high = (motif.width * picture.rows) / picture.columns
    return sum + ((mirrored ? 2 : 1) * motif.width * high) / motif.dots ** 2
  }, 0)

const turnedOver = ({ minX, maxX, minY, maxY }: Bounds): Bounds => ({ minX: -maxX, maxX: -minX, minY, maxY })

const swapped = <T extends Place['point']>(point: T): T =>
  point.replace(/left|right/, (side) => (side === 'left' ? 'right' : 'left')) as T

/** All that is on a panel, on its own plane as it is seen from outside. @param face its rectangle, mm */
export function engravingsOn(
  spec: Pick<BoxSpec, 'engravings' | 'drawings' | 'pictures' | 'openings'>,
  panel: string,
  face: Bounds,
  words: Words = NO_WORDS,
): Engraved[] {
  return spec.engravings.flatMap((of, index): Engraved[] => {
    const isHere = of.panel === panel
    if (!isHere && !(of.mirrored && oppositeOf(of.panel) === panel)) return []
    const shapes = shapesOfMotif(of.motif, spec, words)
    // The place is mirrored, the words are not: nobody reads them backwards.
    const { anchor, point, right, turn } = of
    const mirror = { anchor: swapped(anchor), point: swapped(point), right: -right, turn: -turn }
    const place = isHere ? of : { ...of, ...mirror }
    const base = isHere ? baseOf(spec.openings, panel, of.from, face) : face
    const turned = mapShapes(shapes, turning(place.turn))
    const isOutside = of.side === 'outside'
    const onto = placing(place, isOutside ? base : turnedOver(base), pointsOf(turned))
    // What is on the inside is placed as it is seen from there.
    const seen = (at: Point): Point => {
      const { x, y } = onto(at)
      return isOutside ? { x, y } : { x: -x, y }
    }
    return [{ of, index, ...mapShapes(turned, seen) }]
  })
}
