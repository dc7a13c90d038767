import { bounds, shiftPoints, type Point } from '../geometry'
import type { Job } from '../job'
import { placedShape, remnantsOf, type Load, type Placement, type Remnant, type Surface } from '../nest'
import type { CutPath } from '../plan'
import { fittedOutline, rectangularOffcut, type Offcut, type Stock } from '../stock'
import { labelOn } from './label-place'
import { jobForStock } from './materials'
import { layoutRules, partsByMaterial, type Part } from './parts'
import { signatureOf } from './signature'
import { surfacesOf } from './supply'

/** What a sheet that was cut from leaves over. */
export interface Rest {
  material: string
  sheet: number
  /** The offcut that it was; null for a whole sheet. */
  offcut: string | null
  surface: Surface
  /** What is written on it. */
  name: string
  remnants: Remnant[]
}

/** Letters on what is left over, mm. */
const LETTERS = 6

/** As long as names of offcuts may be. */
const LONGEST = 60

const nameFor = ({ name }: Pick<Job, 'name'>, sheet: number): string =>
  `${name.slice(0, LONGEST - 5)} ${sheet + 1}`

/** What one sheet leaves over. */
function remnantsFor(parts: Part[], placements: Placement[], surface: Surface, gap: number): Remnant[] {
  const byId = new Map(parts.map((part) => [part.id, part]))
  const boxes = placements.flatMap((placement) => {
    const part = byId.get(placement.part)
    return part ? [bounds(placedShape(part, placement).outline)] : []
  })
  return remnantsOf(surface, boxes, gap)
}

/** What the sheets of one stock leave over. @param seen the job as that stock sees it */
export function restsOn(seen: Job, material: string, parts: Part[]): Rest[] {
  const ids = new Set(parts.map(({ id }) => id))
  const placed = (seen.layout.arrangement?.placements ?? []).filter(({ part }) => ids.has(part))
  const surfaceAt = surfacesOf(seen)
  const sheets = [...new Set(placed.map(({ sheet }) => sheet))].sort((a, b) => a - b)
  return sheets.map((sheet): Rest => {
    const surface = surfaceAt(sheet)
    const there = placed.filter((each) => each.sheet === sheet)
    const remnants = remnantsFor(parts, there, surface, layoutRules(seen).gap)
    return { material, sheet, offcut: surface.offcut, surface, name: nameFor(seen, sheet), remnants }
  })
}

/** What every sheet of a job's layout leaves over, stock by stock. */
export const restsOf = (job: Job, parts: Part[]): Rest[] =>
  partsByMaterial(parts, job).flatMap(({ material, parts: own }) =>
    restsOn(jobForStock(job, material), material, own),
  )

/** The name of what is left over, as strokes on the sheet; none where there is no room for it. */
function restLabel({ name, remnants }: Pick<Rest, 'name' | 'remnants'>): Point[][] {
  const [first] = remnants
  if (!first) return []
  const { minX, minY } = bounds(first.outline)
  const region = { outline: shiftPoints(first.outline, -minX, -minY), holes: [] }
  const strokes = labelOn(region, name, first.width * 0.8, LETTERS)
  return strokes.map((points) => shiftPoints(points, minX, minY))
}

/** What is scored on the rest of each sheet in a load, where the job says so. */
export function restNames(
  seen: Job,
  material: string,
  parts: Part[],
): (sheet: number, load: Load) => CutPath[] {
  const isWanted = seen.layout.settings.nameRest && !seen.cut.off.includes('score')
  const labels = new Map(
    (isWanted ? restsOn(seen, material, parts) : []).map((rest) => [rest.sheet, restLabel(rest)]),
  )
  return (sheet, { x, y, width, height }) => {
    const strokes = (labels.get(sheet) ?? []).map((points) => shiftPoints(points, -x, -y))
    const isIn = (point: Point): boolean => point.x > 0 && point.y > 0 && point.x < width && point.y < height
    if (!strokes.every((points) => points.every(isIn))) return []
    const part = `rest of sheet ${sheet + 1}`
    return strokes.map((points): CutPath => ({ operation: 'score', part, points, closed: false }))
  }
}

/** Tells whether parts still lie as they did when they were cut. */
export function lyingSignature({ layout: { arrangement } }: Pick<Job, 'layout'>): string | null {
  if (!arrangement) return null
  const { placements, offcuts, signature } = arrangement
  return signatureOf([
    signature,
    offcuts,
    placements.map(({ part, sheet, x, y, turn }) => [part, sheet, x, y, turn]),
  ])
}

/** A remnant as it goes to the bench. @param since a date */
export function asOffcut(
  { kind, outline, width, height }: Remnant,
  id: string,
  name: string,
  since: string,
): Offcut {
  const plain = { ...rectangularOffcut(id, width, height, since), name }
  if (kind === 'rectangle') return plain
  return { ...plain, ...fittedOutline(outline.map(({ x, y }): [number, number] => [x, y])) }
}

/** What a stock has left when a layout was cut from it: whole sheets and offcuts less, what is kept more. */
export function stockAfter(stock: Stock, rests: Rest[], kept: Offcut[]): Stock {
  const own = rests.filter(({ material }) => material === stock.id)
  const whole = own.filter(({ offcut }) => offcut === null).length
  const used = (id: string): number => own.filter(({ offcut }) => offcut === id).length
  const left = stock.offcuts
    .map((each) => ({ ...each, count: each.count - used(each.id) }))
    .filter(({ count }) => count > 0)
  return {
    ...stock,
    sheetsAtHand: Math.max(0, stock.sheetsAtHand - whole),
    offcuts: [...left, ...kept].slice(0, 100),
  }
}
