import { boxSpecSchema, problemSentence } from '../box'
import { area } from '../geometry'
import { sentenceFor } from '../limits'
import {
  FIRST_THING,
  MOST_THINGS,
  MOST_PLACED,
  nextThingId,
  thingsOf,
  withThings,
  type Job,
  type Thing,
} from '../job'
import type { Say } from '../length'
import { MOST_SHEETS, sheetsAllowed } from '../nest'
import { boxOf } from './things'
import { setsOf } from './run-cost'
import { settleJob } from './settle'
import { fromTemplate } from './template'
import { textPlaces, type Variant } from './variant-table'
import { variants as words } from './words'

export interface MadeVariants {
  /** Every box a thing of its own; null where no row makes one. */
  job: Job | null
  refused: { row: number; why: string }[]
}

const MOST_LETTERS = 40
/** Sheets that may be used, for the area of all parts: a sheet is two fifths full at the worst. [FM] */
const AMPLE = 2.5

/** The things of a job with the texts that a row says. */
function withTexts(job: Job, { texts }: Variant): Job {
  const places = textPlaces(job)
  const things = thingsOf(job).map((thing): Thing => {
    const engravings = thing.box.engravings.map((engraving, i) => {
      const number = places.findIndex((place) => place.thing === thing.id && place.engraving === i) + 1
      const text = texts[number]
      return text && engraving.motif.kind === 'text'
        ? { ...engraving, motif: { ...engraving.motif, text } }
        : engraving
    })
    return { ...thing, box: { ...thing.box, engravings } }
  })
  return withThings(job, things)
}

/** Sheets that parts of such an area may take, so that all find room; null where that is no question. */
function sheetsFor(covered: number, { measure: { stock } }: Job): number | null {
  const sheets = stock ? Math.ceil((AMPLE * covered) / (stock.sheetWidth * stock.sheetHeight)) : 0
  return sheets > sheetsAllowed({ sheets: null }) ? Math.min(sheets, MOST_SHEETS) : null
}

/** The things of one row; or why it makes none. */
function thingsOfRow(pattern: Job, variant: Variant, say: Say): Thing[] | string {
  const { id, name, changed, measure } = pattern
  const settled = settleJob(
    withTexts(fromTemplate(pattern, variant.answers, { id, name, changed, measure }), variant),
    say,
  )
  if (!settled.ok) return settled.error
  const own = thingsOf(settled.job)
  for (const { box } of own) {
    const valid = boxSpecSchema.safeParse(box)
    if (!valid.success) return `${sentenceFor(valid.error)}.`
    const [problem] = boxOf({ ...settled.job, box }).problems
    if (problem) return problemSentence(problem, say)
  }
  return own
}

/**
 * One job that makes a box for every row of a table: each like the pattern but for what its row says. Rows
 * whose box cannot be made are left out and named. It tells after every row how many are done.
 */
export function* variantSteps(
  pattern: Job,
  variants: Variant[],
  about: Pick<Job, 'id' | 'name' | 'changed'>,
  say: Say,
): Generator<number, MadeVariants> {
  const sets = setsOf(pattern)
  // One and the same for all: a box that was worked out with it is not worked out again.
  const measure = { ...pattern.measure, trials: [] }
  const base: Job = {
    ...fromTemplate(pattern, {}, { ...about, measure }),
    whole: null,
    figures: [],
    follows: [],
  }
  const things: Thing[] = []
  const refused: MadeVariants['refused'] = []
  let [parts, covered] = [0, 0]
  for (const [i, variant] of variants.entries()) {
    yield i
    const own = thingsOfRow({ ...pattern, measure }, variant, say)
    if (typeof own === 'string') {
      refused.push({ row: variant.row, why: own })
      continue
    }
    const copies = own.map((thing) => (thing.copies / sets) * variant.copies)
    const pieces = own.map(({ box }) => boxOf({ ...base, box }).pieces)
    const more = pieces.reduce((sum, each, j) => sum + each.length * copies[j], 0)
    if (things.length + own.length > MOST_THINGS + 1 || parts + more > MOST_PLACED) {
      refused.push({ row: variant.row, why: words.jobRoomParts(MOST_PLACED) })
      continue
    }
    parts += more
    for (const [j, each] of pieces.entries())
      covered += each.reduce((sum, { region }) => sum + area(region), 0) * copies[j]
    const name = variant.name || `${pattern.name} ${variant.row - 1}`
    for (const [each, thing] of own.entries()) {
      const id = things.length === 0 ? FIRST_THING.id : nextThingId(withThings(base, things))
      const called = own.length > 1 ? `${name}: ${thing.name}` : name
      things.push({ ...thing, id, name: called.slice(0, MOST_LETTERS), copies: copies[each] })
    }
  }
  if (things.length === 0) return { job: null, refused }
  base.layout = { ...base.layout, settings: { ...base.layout.settings, sheets: sheetsFor(covered, pattern) } }
  return { job: withThings(base, things), refused }
}
