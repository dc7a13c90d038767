import { hatch, linesRound, pictureRows, mapFace } from '../art'
import { offset, shiftPoints, turnPoints, type Point, type Region } from '../geometry'
import { poseShift, shapeFor, type Placement } from '../nest'
import { hasBridges, withBridges, type CutPath } from '../plan'
import type { Job } from '../job'
import { POCKET_INTERVAL, type OwnOperation } from '../tune'
import { depthName } from './own-ways'
import { isUntouched, marksUnder, marksUp, type FaceUp } from './lying'
import type { Part } from './parts'

/** How lines of a part are taken to where the part lies on its sheet. */
export function ontoSheet(part: Part, placement: Placement): (points: Point[]) => Point[] {
  const { turn, x, y } = placement
  const { dx, dy } = poseShift(shapeFor(part, turn), turn)
  return (points) => shiftPoints(turnPoints(points, turn), dx + x, dy + y)
}

/** What paths are made with beside their part. */
export interface Making {
  cut: Job['cut']
  /** From row to row of an engraving, mm. */
  interval: number
  /** Full width of the beam, mm. */
  beam: number
  own: OwnOperation[]
  /** Depth that the setting for pockets is for, mm. */
  deepest: number
  /** How much more kerf there is where a part lies in its load than is compensated for everywhere, mm. */
  moreAt: (part: Part, placement: Placement) => number
  /** What the files are told apart by, where it is scored beside each label; else empty. */
  mark: string
}

/** An outline that makes up for so much more kerf: half of it at either side. */
function widerBy(region: Region, more: number): Region {
  if (Math.abs(more) < 0.0005) return region
  return offset(region, more / 2)[0] ?? region
}

/** What is scored on a part to know it by. */
const labelFor = ({ label }: Part, { mark }: Making): string => (mark === '' ? label : `${label} ${mark}`)

type Line = Pick<CutPath, 'points' | 'closed'>

/** Rows that fill areas of a face, as they lie on the sheet. */
const rowsIn = (areas: Parameters<typeof hatch>[0], interval: number): Line[] =>
  hatch(areas, interval).map((points) => ({ points, closed: false }))

/** What is done to a face, all but labels. Rows run along the sheet's width, however the part lies. */
function facePaths(face: FaceUp, part: string, onto: (point: Point) => Point, making: Making): CutPath[] {
  if (isUntouched(face)) return []
  const { engraved, scored, pockets, pictures, own } = mapFace(face, onto)
  const path = (operation: CutPath['operation'], { points, closed }: Line, by?: string): CutPath => ({
    operation,
    part,
    points,
    closed,
    ...(by ? { own: by } : {}),
  })
  const rows = rowsIn(engraved, making.interval)
  const dots = pictures.flatMap(pictureRows).map((points) => ({ points, closed: false }))
  const sunk = pockets.flatMap(({ area, depth }) =>
    rowsIn([area], POCKET_INTERVAL).map((row) => path('pocket', row, depthName(depth, making.deepest))),
  )
  const ownLines = own.flatMap(({ by, areas, lines }) => {
    const operation = making.own.find(({ id }) => id === by)
    const isFilled = operation?.how === 'fill'
    const filled = isFilled ? rowsIn(areas, making.interval) : linesRound(areas)
    return [
      ...filled.map((line) => path(isFilled ? 'engrave' : 'score', line, operation?.name)),
      ...lines.map((line) => path('score', line, operation?.name)),
    ]
  })
  return [
    ...[...rows, ...dots].map((line) => path('engrave', line)),
    ...face.grooves.map((points) => path('pocket', { points: points.map(onto), closed: false })),
    ...sunk,
    ...scored.map((line) => path('score', line)),
    ...ownLines,
  ]
}

/**
 * The lines of a placed part, as they are written into the file.
 * @param from lower left corner of the load, mm
 */
export function pathsOf(
  part: Part,
  placement: Placement,
  making: Making,
  from: { x: number; y: number },
): CutPath[] {
  const { cut } = making
  const lying = part.lies[placement.turn % 180 === 0 ? 0 : 1]
  const { shape, drawn, slits, up } = lying
  const marks = making.mark === '' ? lying.marks : marksUp(lying, labelFor(part, making))
  const { outline, holes } = widerBy(
    cut.compensation === 'paths' ? shape : drawn,
    making.moreAt(part, placement),
  )
  const onto = ontoLoad(part, placement, from)
  const path = (operation: CutPath['operation'], points: Point[], closed: boolean): CutPath => ({
    operation,
    part: part.id,
    points: onto(points),
    closed,
  })
  const isLabelled = cut.labels === 'up' || (cut.labels === 'hidden' && part.isHiddenUp)
  // A line that is left open cannot be set off to one side by the laser's software.
  const isBridged = cut.compensation === 'paths' && hasBridges(outline, cut.bridges)
  const whole = path('outline', outline, true)
  const outlines = isBridged ? withBridges(whole, cut.bridges, making.beam) : [whole]
  const all: CutPath[] = [
    ...facePaths(up, part.id, (point) => onto([point])[0], making),
    ...(isLabelled ? marks.map((points) => path('score', points, false)) : []),
    ...slits.map((points) => path('inside', points, false)),
    ...holes.map((points) => path('inside', points, true)),
    ...outlines,
  ]
  return all.filter(({ operation }) => !cut.off.includes(operation))
}

/** What is on the face of a placed part that lies down, as it is seen from above. */
export function pathsUnder(
  part: Part,
  placement: Placement,
  making: Making,
  from: { x: number; y: number },
): CutPath[] {
  const { under } = part.lies[placement.turn % 180 === 0 ? 0 : 1]
  const onto = ontoLoad(part, placement, from)
  const all = facePaths(under, part.id, (point) => onto([point])[0], making)
  return all.filter(({ operation }) => !making.cut.off.includes(operation))
}

/** Labels on the face that lies down, where that is the one that does not show. */
export function labelsUnder(
  part: Part,
  placement: Placement,
  making: Making,
  from: { x: number; y: number },
): CutPath[] {
  const { cut } = making
  if (cut.labels !== 'hidden' || part.isHiddenUp || cut.off.includes('score')) return []
  const onto = ontoLoad(part, placement, from)
  const lying = part.lies[placement.turn % 180 === 0 ? 0 : 1]
  return marksUnder(lying, labelFor(part, making)).map((points) => ({
    operation: 'score',
    part: part.id,
    points: onto(points),
    closed: false,
  }))
}

function ontoLoad(part: Part, placement: Placement, from: { x: number; y: number }) {
  const onto = ontoSheet(part, placement)
  return (points: Point[]): Point[] => shiftPoints(onto(points), -from.x, -from.y)
}
