import { wallCount, wallIndex, TOP_IDS } from '../angled'
import type { BendKind, Box, BoxSpec, CornerKind, FloorKind, IntoKind } from '../box'
import { closes, kindOfFitting, kindOfLid, lidOf, type Fitting, type FittingType } from '../fittings'
import { WANTED_FITS } from '../fit'
import type { Job } from '../job'
import { capitalised, counted, short, type Say } from '../length'
import { WHOLE_NAMES } from '../whole'

export const CORNER_NAMES: Record<CornerKind, string> = {
  fingers: 'fingers',
  butt: 'butt',
  lap: 'half-lap',
  tenon: 'tenons in slots',
}
export const FLOOR_NAMES: Record<FloorKind, string> = {
  fingers: 'fingers',
  butt: 'between walls',
  outside: 'below walls',
  tenon: 'raised in slots',
  groove: 'in grooves',
  ledge: 'on ledges',
  none: 'none',
}
export const INTO_NAMES: Record<IntoKind, string> = {
  slot: 'slots at the rim',
  groove: 'grooves',
  tenon: 'tenons',
  loose: 'loose',
}
export const BEND_NAMES: Record<BendKind, string> = {
  none: 'none',
  'back and lid': 'back and top, one sheet',
  wrap: 'round front, top and back',
  'round corners': 'three round corners',
  'all round': 'four round corners, a seam in the back',
  flap: 'lid that opens',
  'flap over the front': 'lid and front that open',
  book: 'book: spine and covers',
}

/** What a box is made of, a thing each; `add` is what else it could have. */
export type BoxThing =
  | ('whole' | 'lid' | 'fit' | 'corners' | 'floor' | 'dividers' | 'openings' | 'engravings' | 'bends')
  | ('plan' | 'stocks' | 'figures' | 'mock-up' | 'kind' | 'add')
  | `fitting-${FittingType}`

/** One thing of a box, in a line. */
export interface BoxLine {
  thing: BoxThing
  title: string
  /** Its figures, in words. */
  said: string
  /** Whether the box has it; else it is what could be added. */
  isThere: boolean
}

/** The word of an interference, where it is one of the wanted fits, mm. @param own the maker's own snug */
export const wantedWord = (interference: number, own: number): string | null =>
  WANTED_FITS.find((each) => Math.abs(each.interference + own - interference) < 5e-5)?.word ?? null

const listed = (...words: (string | false | null | undefined)[]): string => words.filter(Boolean).join(', ')

/** The figures of a fitting as it stands, each with its name. */
function fittingWords(own: Fitting, say: Say): string {
  const values = own as unknown as Record<string, unknown>
  const { fields, said } = kindOfFitting(own.type)
  if (said) return said(own, say)
  const words = fields.map((field) => {
    const value = values[field.key]
    const label = field.label.toLowerCase()
    if (field.when && !field.when(own as never)) return null
    if (field.kind === 'switch') return value === true && label
    if (field.kind === 'choice') return field.options.find((each) => each.value === value)?.label
    if (typeof value !== 'number' || value === 0) return null
    return `${label} ${field.kind === 'length' ? say.short(value) : `${value}${field.unit}`}`
  })
  return listed(...words)
}

/** What the lid is, or that there is none. */
function lidWords(box: BoxSpec, say: Say): string {
  const lid = lidOf(box)
  return lid ? listed(kindOfLid(lid).title.replace(/^lid that /, ''), fittingWords(lid, say)) : 'open'
}

/** A panel that something is on, as it is called: walls at an angle by their number. */
const placeWords = (panel: string): string =>
  wallIndex(panel) >= 0 ? panel.replace('-', ' ') : `the ${panel.replace('-', ' ')}`

/** The plan of a box whose walls stand at any angle, in words. */
function planWords({ plan }: BoxSpec, say: Say): string {
  if (!plan) return ''
  const { shape, lean, slope, partitions } = plan
  const walls =
    shape.kind === 'regular'
      ? `${shape.walls} walls of ${say.short(shape.side)}`
      : `${wallCount(shape)} walls, ${shape.lengths.map((each) => say.shortPlain(each)).join(', ')} …`
  const leans = new Set(lean)
  const leaning = leans.size > 1 ? 'leaning each its own way' : lean[0] !== 0 && `leaning ${short(lean[0])}°`
  const dividers = partitions.length > 0 && counted(partitions.length, 'divider')
  const rising = slope && `rim rising ${short(slope.angle)}°${slope.ridge ? ' to a ridge' : ''}`
  return listed(walls, leaning, dividers, rising)
}

/** What boxes with walls at an angle cannot have yet. */
const SQUARE_ONLY: BoxThing[] = ['dividers', 'bends']

function dividerWords({ dividers }: BoxSpec): string {
  const [columns, rows] = [dividers.columns, dividers.rows].map(({ cells }) => Math.max(1, cells.length))
  return columns * rows > 1 ? `${columns} × ${rows} cells, ${INTO_NAMES[dividers.into]}` : ''
}

/**
 * What the box in hand is made of, in the order in which it is thought of: a line each.
 * @param own the maker's own snug, mm
 */
export function madeOf(job: Job, own: number, say: Say): BoxLine[] {
  const { box, whole, measure } = job
  const line = (thing: BoxThing, title: string, said: string, isThere = true): BoxLine => ({
    thing,
    title,
    said,
    isThere,
  })
  const cells = dividerWords(box)
  const stocks = new Set([measure.stock?.id, ...Object.values(box.stocks)])
  const isOwn = whole === null
  const lines = [
    ...(whole ? [line('whole', 'How the boxes go together', WHOLE_NAMES[whole.kind])] : []),
    ...(isOwn || lidOf(box) ? [line('lid', 'Lid', lidWords(box, say))] : []),
    ...(isOwn ? [line('plan', 'Walls at an angle', planWords(box, say), box.plan !== null)] : []),
    line(
      'fit',
      'Fit',
      listed(
        wantedWord(job.interference, own) ?? `interference ${say.short(job.interference)}`,
        box.proud > 0 && `proud by ${say.short(box.proud)}`,
      ),
    ),
    line(
      'corners',
      'Corners',
      listed(
        CORNER_NAMES[box.corners.kind],
        box.corners.kind !== 'fingers' && box.corners.setIn > 0 && `set in ${say.short(box.corners.setIn)}`,
        box.bolts.uprights && 'bolted',
      ),
    ),
    line(
      'floor',
      'Floor',
      listed(
        FLOOR_NAMES[box.floor.kind],
        !['fingers', 'outside', 'none'].includes(box.floor.kind) &&
          box.floor.raised > 0 &&
          `raised by ${say.short(box.floor.raised)}`,
      ),
    ),
    line('dividers', 'Dividers', cells, cells !== ''),
    line(
      'openings',
      'Openings',
      listed(...new Set(box.openings.map(({ shape, panel }) => `${shape.kind} in ${placeWords(panel)}`))),
      box.openings.length > 0,
    ),
    line(
      'engravings',
      'Engraving',
      listed(...new Set(box.engravings.map(({ motif, panel }) => `${motif.kind} on ${placeWords(panel)}`))),
      box.engravings.length > 0,
    ),
    line('bends', 'Bends', BEND_NAMES[box.bends.kind], box.bends.kind !== 'none'),
    ...box.fittings
      .filter(({ type }) => !closes(type) && (isOwn || kindOfFitting(type).of === 'box'))
      .map((each) =>
        line(`fitting-${each.type}`, capitalised(kindOfFitting(each.type).title), fittingWords(each, say)),
      ),
    line(
      'stocks',
      'Cut from',
      stocks.size > 1 ? `${stocks.size} stocks` : (measure.stock?.name ?? 'no stock chosen'),
    ),
    line('figures', 'Named figures', listed(...job.figures.map(({ name }) => name)), job.figures.length > 0),
    line('mock-up', 'Mock-up', job.mockOf ? `of ${job.mockOf.name}` : '', job.mockOf !== null),
    line('kind', 'Another kind of box', '', false),
  ]
  return box.plan ? lines.filter(({ thing, isThere }) => isThere || !SQUARE_ONLY.includes(thing)) : lines
}

/** Which thing of a box a part of it belongs to; null for its walls, which belong to all. */
export function thingOfPart(box: Box, id: string): BoxThing | null {
  if (TOP_IDS.includes(id)) return 'lid'
  if (id === 'floor') return 'floor'
  if (box.dividers.some(({ part }) => part.id === id)) return 'dividers'
  const from = box.spec.fittings.find((own) =>
    kindOfFitting(own.type)
      .make?.(own, box)
      .added?.some(({ part }) => part.id === id),
  )
  return from ? (closes(from.type) ? 'lid' : `fitting-${from.type}`) : null
}
