import type { PanelName } from '../box'
import { bounds, shiftPoints, shiftRegion, turnPoints, type Point, type Region } from '../geometry'
import { letterInto } from '../lettering'
import {
  allowedTurns,
  poseShift,
  shapeFor,
  surfaceOf,
  type LayoutSettings,
  type NestPart,
  type Placement,
  type Surface,
} from '../nest'
import type { CutPath } from '../plan'
import type { Job } from '../job'
import type { DerivedBox } from './box'
import { signatureOf } from './signature'

/**
 * A part as it is cut lying one way: the compensated shape with its lower left corner at (0, 0), and in the
 * same coordinates the drawn shape and the label.
 */
export interface Lying {
  shape: Region
  /** What is written when the laser's software compensates. */
  drawn: Region
  marks: Point[][]
}

/** A panel of one of the copies, ready to be laid out. */
export interface Part extends NestPart {
  panel: PanelName
  copy: number
  label: string
  /** Unturned, and turned by a quarter. */
  lies: [Lying, Lying]
}

/** Labels are no higher than this, mm, and leave this share of the panel's width free. */
const LABEL_HEIGHT = 7
const LABEL_SHARE = 0.6

type Outlines = Pick<Lying, 'shape' | 'drawn'>

function outlinesOf(shape: Region, drawn: Region): Outlines {
  const { minX, minY } = bounds(shape.outline)
  return { shape: shiftRegion(shape, -minX, -minY), drawn: shiftRegion(drawn, -minX, -minY) }
}

/** The label in the middle of a part, small enough to stay inside it. */
function labelIn({ shape }: Outlines, label: string): Point[][] {
  const { maxX, maxY } = bounds(shape.outline)
  const centre = { x: maxX / 2, y: maxY / 2 }
  return letterInto(label, centre, maxX * LABEL_SHARE, Math.min(LABEL_HEIGHT, maxY / 4))
}

/** The parts of all copies. They keep their identity when copies are added or taken away. */
export function makeParts({ panels, cuts }: Pick<DerivedBox, 'panels' | 'cuts'>, copies: number): Part[] {
  return (panels ?? []).flatMap(({ name, drawn }) => {
    const [unturned, turned] = cuts.get(name)!
    const first = outlinesOf(unturned, drawn)
    const quarter = turned === unturned ? first : outlinesOf(turned, drawn)
    return Array.from({ length: copies }, (_, i): Part => {
      const label = copies === 1 ? name : `${name} ${i + 1}`
      return {
        id: `${name}-${i + 1}`,
        panel: name,
        copy: i,
        label,
        shape: first.shape,
        turnedShape: quarter.shape,
        lies: [
          { ...first, marks: labelIn(first, label) },
          { ...quarter, marks: labelIn(quarter, label) },
        ],
      }
    })
  })
}

/** The sheet that is assumed until a stock is chosen, mm. */
const ASSUMED_SHEET = { width: 600, height: 400 }

/** The size of a job's sheets: its stock's. */
export const sheetOf = ({ measure: { stock } }: Pick<Job, 'measure'>): { width: number; height: number } =>
  stock ? { width: stock.sheetWidth, height: stock.sheetHeight } : ASSUMED_SHEET

/** A job's sheet, with the loads in which its machine's bed takes it. */
export function surfaceFor(job: Pick<Job, 'measure'>): Surface {
  const { machine } = job.measure
  const bed = machine && { width: machine.bedWidth, height: machine.bedHeight, origin: machine.origin }
  return surfaceOf(sheetOf(job), bed)
}

/**
 * A job's layout settings with the grain as it runs in its stock: where the stock has none (or nobody said)
 * panels may lie any way.
 */
export function layoutRules({
  measure: { stock },
  layout: { settings },
}: Pick<Job, 'measure' | 'layout'>): LayoutSettings {
  const runs = stock?.grain ?? 'none'
  if (runs === 'none') return { ...settings, grain: 'free' }
  const turned = { free: 'free', along: 'across', across: 'along' } as const
  return { ...settings, grain: runs === 'height' ? turned[settings.grain] : settings.grain }
}

/**
 * All that the shapes of parts come to, for a signature; copies share their shapes, and these are there once.
 */
export function shapesOf(parts: Part[]): unknown {
  const shapes = [...new Set(parts.flatMap(({ shape, turnedShape }) => [shape, turnedShape]))]
  const index = new Map(shapes.map((shape, i) => [shape, i]))
  return [shapes, parts.map(({ id, shape, turnedShape }) => [id, index.get(shape), index.get(turnedShape)])]
}

/** Tells whether a layout was made for these parts and these settings. */
export function layoutSignature(parts: Part[], job: Pick<Job, 'measure' | 'layout'>): string {
  const rules = layoutRules(job)
  const { margin, gap, sheets } = rules
  return signatureOf([shapesOf(parts), margin, gap, sheets, surfaceFor(job), allowedTurns(rules)])
}

/** How lines of a part are taken to where the part lies on its sheet. */
export function ontoSheet(part: Part, placement: Placement): (points: Point[]) => Point[] {
  const { turn, x, y } = placement
  const { dx, dy } = poseShift(shapeFor(part, turn), turn)
  return (points) => shiftPoints(turnPoints(points, turn), dx + x, dy + y)
}

/**
 * The lines of a placed part, as they are written into the file. @param from lower left corner of the load,
 * mm
 */
export function pathsOf(
  part: Part,
  placement: Placement,
  cut: Job['cut'],
  from: { x: number; y: number },
): CutPath[] {
  const { shape, drawn, marks } = part.lies[placement.turn % 180 === 0 ? 0 : 1]
  const { outline, holes } = cut.compensation === 'paths' ? shape : drawn
  const onto = ontoSheet(part, placement)
  const place = (points: Point[]): Point[] => shiftPoints(onto(points), -from.x, -from.y)
  const path = (operation: CutPath['operation'], points: Point[], closed: boolean): CutPath => ({
    operation,
    part: part.id,
    points: place(points),
    closed,
  })
  const all: CutPath[] = [
    ...(cut.labels ? marks.map((points) => path('score', points, false)) : []),
    ...holes.map((points) => path('inside', points, true)),
    path('outline', outline, true),
  ]
  return all.filter(({ operation }) => !cut.off.includes(operation))
}
