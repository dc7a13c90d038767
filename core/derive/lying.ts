import type { Panel } from '../assembly'
import { slitLines, zoneOf } from '../bend'
import { isBare, mapFace, onFace, type Face } from '../art'
import {
  bounds,
  type Bounds,
  mirrorRegion,
  offset,
  rectangle,
  shiftPoints,
  shiftRegion,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import { letterInto } from '../lettering'
import type { Job } from '../job'
import type { CutShapes } from './cut-shapes'
import type { FacesById } from './faces'
import { fillLines } from './fill'
import { labelOn } from './label-place'
import type { Letter } from './letters'
import type { Material } from './materials'
import type { Panelled } from './parts'
import { NOTHING } from './sides'

/** What is done to one face of a part. */
export interface FaceUp extends Face {
  /** Lines that fill its grooves, each in one go. */
  grooves: Point[][]
}

/**
 * A part as it is cut lying one way: the compensated shape with its lower left corner at (0, 0), and in the
 * same coordinates the drawn shape, the label, and what is on both faces, as it is seen from above.
 */
export interface Lying {
  shape: Region
  /** What is written when the laser's software compensates. */
  drawn: Region
  /** The label and the letters at the joints, on the face that lies up. */
  marks: Point[][]
  /** Open lines that are cut through, for a bend. */
  slits: Point[][]
  /** What is on the face that lies up, and on the one that lies down. */
  up: FaceUp
  under: FaceUp
  /** Letters at the joints, and where no label may stand. */
  letters: Letter[]
  zones: Ring[]
}

/** Labels are no higher than this, mm, and leave this share of the panel's width free. */
const LABEL_HEIGHT = 7
const LABEL_SHARE = 0.6

/** Letters at the joints are this high, mm. */
const LETTER_HEIGHT = 4

export type Outlines = Omit<Lying, 'marks'>

/** What is on a panel beside its outline, on its own plane. */
type OnPanel = Omit<Outlines, 'shape' | 'drawn'>

/** Whether nothing is done to a face. */
export const isUntouched = ({ grooves, ...face }: FaceUp): boolean => grooves.length === 0 && isBare(face)

const mapUp = ({ grooves, ...face }: FaceUp, onto: (point: Point) => Point): FaceUp => ({
  ...mapFace(face, onto),
  grooves: grooves.map((points) => points.map(onto)),
})

function outlinesOf(shape: Region, drawn: Region, on: OnPanel): Outlines {
  const { minX, minY } = bounds(shape.outline)
  const shift = (points: Point[]): Point[] => shiftPoints(points, -minX, -minY)
  const shiftUp = (face: FaceUp): FaceUp =>
    isUntouched(face) ? face : mapUp(face, (point) => shift([point])[0])
  return {
    shape: shiftRegion(shape, -minX, -minY),
    drawn: shiftRegion(drawn, -minX, -minY),
    slits: on.slits.map(shift),
    zones: on.zones.map(shift),
    up: shiftUp(on.up),
    under: shiftUp(on.under),
    letters: on.letters.map(({ text, at }) => ({ text, at: shift([at])[0] })),
  }
}

/** The label near the middle of a part, clear of what is cut out of it, and a letter at every joint. */
function marksOn(
  { shape, letters, zones }: Pick<Outlines, 'shape' | 'letters' | 'zones'>,
  face: FaceUp,
  label: string,
): Point[][] {
  const { maxX, maxY } = bounds(shape.outline)
  const { areas, lines } = onFace(face)
  const taken = [...zones, ...areas.map(({ outline }) => outline)]
  const open = taken.length > 0 ? { ...shape, holes: [...shape.holes, ...taken] } : shape
  const followed = lines.map(({ points }) => points)
  const own = labelOn(open, label, maxX * LABEL_SHARE, Math.min(LABEL_HEIGHT, maxY / 4), followed)
  return [
    ...own,
    ...letters.flatMap(({ text, at }) => letterInto(text, at, 2 * LETTER_HEIGHT, LETTER_HEIGHT)),
  ]
}

/** The same on the face that lies up. */
export const marksUp = (lying: Outlines, label: string): Point[][] => marksOn(lying, lying.up, label)

/** And on the face that lies down, as it is seen from above: it is read once the part is turned over. */
export function marksUnder({ shape, under, letters, zones }: Outlines, label: string): Point[][] {
  const { maxX } = bounds(shape.outline)
  const over = ({ x, y }: Point): Point => ({ x: maxX - x, y })
  const seenThere = {
    shape: shiftRegion(mirrorRegion(shape), maxX, 0),
    letters: letters.map(({ text, at }) => ({ text, at: over(at) })),
    zones: zones.map((ring) => ring.map(over)),
  }
  return marksOn(seenThere, mapUp(under, over), label).map((points) => points.map(over))
}

const flip = ({ x, y }: Point): Point => ({ x: -x, y })

const ringOf = ({ minX, minY, maxX, maxY }: Bounds): Ring => rectangle(minX, minY, maxX, maxY)

/** The slits of a strip that bends: rows along its x. @param kerf full width, mm */
export function slitsOf({ bends, thickness }: Panel, kerf: number): [Point, Point][] {
  if (!bends) return []
  const { zone, angle, slits } = bends
  const made = zoneOf(slits, angle, thickness, kerf, zone.maxX - zone.minX)
  const onto = ({ x, y }: Point): Point => ({ x: zone.minX + y, y: zone.minY + x })
  return slitLines(made).map(([a, b]) => [onto(a), onto(b)])
}

/** What is on a panel, seen from the face that lies up. Grooves are in the inside face. */
function onPanel(
  panel: Panel,
  { joined, material }: Pick<Panelled, 'joined'> & { material: Material },
  letters: Letter[],
  isFlipped: boolean,
  faces: FacesById,
): OnPanel {
  const bent = joined?.piece.id === panel.id ? joined : null
  const { outside, inside } = faces.get(panel.id) ?? NOTHING
  const grooves = panel.features.flatMap(({ depth, shape }) =>
    depth === null ? [] : [fillLines(shape, material.compensation.x)],
  )
  // The beam stays inside of a pocket by what it takes to its side.
  const sunk = (face: Face): Face => ({
    ...face,
    pockets: face.pockets.flatMap(({ area, depth }) =>
      offset(area, -material.compensation.x).map((part) => ({ area: part, depth })),
    ),
  })
  const [out, within]: FaceUp[] = [
    { ...sunk(outside), grooves: [] },
    { ...sunk(inside), grooves },
  ]
  const on: OnPanel = {
    letters,
    slits: bent?.slits ?? slitsOf(panel, material.kerf.width),
    up: out,
    under: within,
    zones: panel.bends
      ? [ringOf(panel.bends.zone)]
      : (bent?.zones ?? []).map(({ from, low, zone }) =>
          rectangle(from, low, from + zone.flat, low + zone.long),
        ),
  }
  if (!isFlipped) return on
  return {
    letters: letters.map(({ text, at }) => ({ text, at: flip(at) })),
    slits: on.slits.map((points) => points.map(flip)),
    zones: on.zones.map((points) => points.map(flip)),
    up: mapUp(within, flip),
    under: mapUp(out, flip),
  }
}

/** What is laid out of a panel, lying as it is and turned by a quarter, with the wanted face up. */
export function lyingOf(
  panel: Panel,
  box: Pick<Panelled, 'joined'> & { material: Material; cuts: CutShapes },
  letters: Letter[],
  face: Job['cut']['face'],
  faces: FacesById,
): Outlines[] {
  const [unturned, turned] = box.cuts
  const isFlipped = face === 'inside'
  const up = isFlipped ? mirrorRegion : (region: Region): Region => region
  const on = onPanel(panel, box, letters, isFlipped, faces)
  const first = outlinesOf(up(unturned), up(panel.drawn), on)
  return [first, turned === unturned ? first : outlinesOf(up(turned), up(panel.drawn), on)]
}
