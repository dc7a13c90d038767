import type { Panel, PanelName } from '../box'
import { bounds, offset, shiftPoints, shiftRegion, turnPoints, type Point, type Region } from '../geometry'
import { letterInto } from '../lettering'
import {
  allowedTurns,
  poseShift,
  roomOf,
  type LayoutSettings,
  type NestPart,
  type Placement,
  type Room,
} from '../nest'
import type { CutPath } from '../plan'
import type { Job } from './schema'
import { signatureOf } from './signature'

/** A panel of one of the copies, ready to be laid out: the compensated shape with its lower left corner at (0, 0). */
export interface Part extends NestPart {
  panel: PanelName
  label: string
  /** The drawn shape and the label in the same coordinates; what is written when the laser's software compensates. */
  drawn: Region
  marks: Point[][]
}

/** Labels are no higher than this, mm, and leave this share of the panel's width free. */
const LABEL_HEIGHT = 7
const LABEL_SHARE = 0.6

/** The parts of all copies. @param compensation per side, mm */
export function makeParts(panels: Panel[], copies: number, compensation: number): Part[] {
  return panels.flatMap((panel) => {
    const [shape] = offset(panel.drawn, compensation)
    const box = bounds(shape.outline)
    const moved = shiftRegion(shape, -box.minX, -box.minY)
    const drawn = shiftRegion(panel.drawn, -box.minX, -box.minY)
    const size = { x: box.maxX - box.minX, y: box.maxY - box.minY }
    return Array.from({ length: copies }, (_, i): Part => {
      const label = copies === 1 ? panel.name : `${panel.name} ${i + 1}`
      const marks = letterInto(
        label,
        { x: size.x / 2, y: size.y / 2 },
        size.x * LABEL_SHARE,
        Math.min(LABEL_HEIGHT, size.y / 4),
      )
      return { id: label.replace(' ', '-'), panel: panel.name, label, shape: moved, drawn, marks }
    })
  })
}

/** The room on a job's sheet: as far as the chosen machine's bed reaches. */
export function roomFor({ measure: { machine }, layout }: Pick<Job, 'measure' | 'layout'>): Room {
  return roomOf(layout.settings, machine && { width: machine.bedWidth, height: machine.bedHeight })
}

/** A job's layout settings with the grain as it runs in its stock: where the stock has none (or nobody said) panels may lie any way. */
export function layoutRules({
  measure: { stock },
  layout: { settings },
}: Pick<Job, 'measure' | 'layout'>): LayoutSettings {
  const runs = stock?.grain ?? 'none'
  if (runs === 'none') return { ...settings, grain: 'free' }
  const turned = { free: 'free', along: 'across', across: 'along' } as const
  return { ...settings, grain: runs === 'height' ? turned[settings.grain] : settings.grain }
}

/** All that the shapes of parts come to, for a signature; copies share their shapes, and these are there once. */
export function shapesOf(parts: Part[]): unknown {
  const shapes = [...new Set(parts.map(({ shape }) => shape))]
  const index = new Map(shapes.map((shape, i) => [shape, i]))
  return [shapes, parts.map(({ id, shape }) => [id, index.get(shape)])]
}

/** Tells whether a layout was made for these parts and these settings. */
export function layoutSignature(parts: Part[], job: Pick<Job, 'measure' | 'layout'>): string {
  const rules = layoutRules(job)
  const { margin, gap, sheets } = rules
  return signatureOf([shapesOf(parts), margin, gap, sheets, roomFor(job), allowedTurns(rules)])
}

/** How lines of a part are taken to where the part lies on its sheet. */
export function ontoSheet(part: Part, placement: Placement): (points: Point[]) => Point[] {
  const { dx, dy } = poseShift(part.shape, placement.turn)
  return (points) => shiftPoints(turnPoints(points, placement.turn), dx + placement.x, dy + placement.y)
}

/** The lines of a placed part, as they are written into the file. */
export function pathsOf(part: Part, placement: Placement, cut: Job['cut']): CutPath[] {
  const { outline, holes } = cut.compensation === 'paths' ? part.shape : part.drawn
  const place = ontoSheet(part, placement)
  const all: CutPath[] = [
    ...(cut.labels
      ? part.marks.map((points): CutPath => ({
          operation: 'score',
          part: part.id,
          points: place(points),
          closed: false,
        }))
      : []),
    ...holes.map((points): CutPath => ({
      operation: 'inside',
      part: part.id,
      points: place(points),
      closed: true,
    })),
    { operation: 'outline', part: part.id, points: place(outline), closed: true },
  ]
  return all.filter(({ operation }) => !cut.off.includes(operation))
}
