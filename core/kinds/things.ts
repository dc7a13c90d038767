import { counted, parseLength, type Say } from '../length'
import { randomFrom, sumOf } from '../statistics'

/** What has to go into a tray: boxes as they lie, or round things standing up. Lengths in mm. */
export interface Things {
  name: string
  count: number
  width: number
  depth: number
  height: number
  isRound: boolean
}

/** A cell of a tray: what lies in it, and how large it must be, mm. */
export interface Cell {
  things: Things
  /** How many of them, beside and behind each other. */
  across: number
  along: number
  /** Width and depth of each as it lies. */
  each: [number, number]
  width: number
  depth: number
}

/** Cells in columns and rows; places that are left over are free. Lengths in mm. */
export interface Division {
  columns: number[]
  rows: number[]
  /** By rows, from the front left. */
  cells: (Cell | null)[]
}

type Read = { ok: true; things: Things[] } | { ok: false; error: string }
const refused = (error: string): Read => ({ ok: false, error })

export const MOST_CELLS = 60
export const MOST_TEXT = 2000
const ENTRY = /^(?:(\d{1,3})\s*(?:of|:)\s*)?(d|ø)?\s*(.+)$/i

/** One entry, such as `6 of 30 × 20 × 15` or `4 of d 22 × 70`. */
function readEntry(text: string, unit: Say['lengthUnit']): Things | { error: string } {
  const example = 'Type it as “6 of 30 × 20 × 15”, or “4 of d 22 × 70” for round ones.'
  const [, times = '1', round, sizes] = ENTRY.exec(text) ?? []
  if (sizes === undefined) return { error: `“${text}” cannot be read. ${example}` }
  // “40 × 25 × 20 mm” says its unit once for all.
  const said = /[a-z"]+$/i.exec(sizes)?.[0] ?? ''
  const figures = sizes
    .split(/\s*[×x*]\s*/i)
    .map((each) => parseLength(/\d$/.test(each) ? `${each} ${said}`.trim() : each, unit))
  const wrong = figures.find((each) => !each.ok)
  if (figures.length !== (round ? 2 : 3) || wrong) return { error: `“${text}” cannot be read. ${example}` }
  const lengths = figures.flatMap((each) => (each.ok ? [each.value] : []))
  if (lengths.some((length) => length < 1 || length > 2000))
    return { error: `“${text}”: sizes are from 1 mm to 2 m.` }
  const count = Number(times)
  if (count < 1) return { error: `“${text}”: at least one of them goes in.` }
  const [width, depth, height] = round ? [lengths[0], lengths[0], lengths[1]] : lengths
  return { name: text, count, width, depth, height, isRound: round !== undefined }
}

/**
 * Reads a list of things, with semicolons or line breaks between: width × depth × height as each lies, or
 * `d` diameter × height.
 * @param unit of bare figures
 */
export function readThings(text: string, unit: Say['lengthUnit']): Read {
  if (text.length > MOST_TEXT) return refused(`This list is too long: ${MOST_TEXT} letters are the most.`)
  const entries = text.split(/[;\n]/).flatMap((each) => (each.trim() === '' ? [] : [each.trim()]))
  if (entries.length === 0) return refused('Say what goes in, such as “6 of 30 × 20 × 15; d 22 × 70”.')
  const things: Things[] = []
  for (const entry of entries) {
    const read = readEntry(entry, unit)
    if ('error' in read) return refused(read.error)
    things.push(read)
  }
  const all = things.reduce((sum, { count }) => sum + count, 0)
  if (all > 400) return refused(`These are ${counted(all, 'thing')}; 400 are the most.`)
  return { ok: true, things }
}

/** Ways in which things alike can lie in one cell: so many across, each turned or not. */
function cellsFor(things: Things, count: number, room: number): Cell[] {
  const { width, depth, isRound } = things
  const turns =
    isRound || width === depth
      ? [[width, depth]]
      : [
          [width, depth],
          [depth, width],
        ]
  return turns.flatMap(([w, d]) =>
    Array.from({ length: count }, (_, i) => i + 1)
      .filter((across) => across === 1 || Math.ceil(count / across) < Math.ceil(count / (across - 1)))
      .map((across) => {
        const along = Math.ceil(count / across)
        return { things, across, along, each: [w, d], width: across * w + room, depth: along * d + room }
      }),
  )
}

/** Columns as wide as their widest cell, rows as deep as their deepest. */
function divisionOf(cells: (Cell | null)[], across: number): Division {
  const rows = Array.from({ length: Math.ceil(cells.length / across) }, (_, row) =>
    cells.slice(row * across, (row + 1) * across),
  )
  return {
    cells,
    columns: Array.from({ length: across }, (_, i) => Math.max(1, ...rows.map((row) => row[i]?.width ?? 0))),
    rows: rows.map((row) => Math.max(1, ...row.map((cell) => cell?.depth ?? 0))),
  }
}

/** How much more a tray counts that is e times as long as it is wide. [FM] */
const LONG = 0.25

/** Inner area with the walls between cells, mm²; a long narrow tray counts more. */
function badness({ columns, rows }: Division, wall: number): number {
  const width = sumOf(columns) + (columns.length - 1) * wall
  const depth = sumOf(rows) + (rows.length - 1) * wall
  return width * depth * (1 + LONG * Math.abs(Math.log(width / depth)))
}

const TRIES = 1500

/** So many columns: cells are exchanged and turned for as long as that makes the tray smaller. */
function divide(ways: Cell[][], across: number, wall: number, random: () => number): Division {
  const size = Math.ceil(ways.length / across) * across
  const order = ways
    .map((own) =>
      own.reduce((best, cell) => (cell.width * cell.depth < best.width * best.depth ? cell : best)),
    )
    .map((cell, i) => ({ cell, i }))
    .sort((a, b) => b.cell.depth - a.cell.depth || b.cell.width - a.cell.width)
  const places: (number | null)[] = Array.from({ length: size }, (_, i) => order[i]?.i ?? null)
  const taken = new Map(order.map(({ cell, i }) => [i, cell]))
  const now = (): Division =>
    divisionOf(
      places.map((i) => (i === null ? null : taken.get(i)!)),
      across,
    )
  let best = now()
  let least = badness(best, wall)
  for (let tries = 0; tries < TRIES; tries++) {
    const [a, b] = [Math.floor(random() * size), Math.floor(random() * size)]
    const turns = places[a] !== null && random() < 0.5
    const before = turns ? taken.get(places[a]!)! : null
    if (turns) {
      const own = ways[places[a]!]
      taken.set(places[a]!, own[Math.floor(random() * own.length)])
    } else [places[a], places[b]] = [places[b], places[a]]
    const next = now()
    const bad = badness(next, wall)
    if (bad <= least) [best, least] = [next, bad]
    else if (turns) taken.set(places[a]!, before!)
    else [places[a], places[b]] = [places[b], places[a]]
  }
  return best
}

/** How things alike are kept. */
export const KEPT = ['alike together', 'one a cell'] as const
export type Kept = (typeof KEPT)[number]

/**
 * Trays for a list of things, the smallest first, each with another count of columns. Every thing has a
 * cell that takes it with room for fingers, lying as it was said or turned by a quarter.
 * @param room more than the things themselves, in each cell both ways @param wall between two cells, mm
 */
export function divisionsFor(things: Things[], kept: Kept, room: number, wall: number): Division[] {
  const cells = things.flatMap((each) =>
    kept === 'one a cell'
      ? Array.from({ length: each.count }, () => cellsFor(each, 1, room))
      : [cellsFor(each, each.count, room)],
  )
  if (cells.length > MOST_CELLS) return []
  const random = randomFrom(cells.length)
  const counts = Array.from({ length: Math.min(20, cells.length) }, (_, i) => i + 1)
    // Another count of columns with as many rows only leaves places free.
    .filter(
      (across) => across === 1 || Math.ceil(cells.length / across) < Math.ceil(cells.length / (across - 1)),
    )
  return counts
    .map((across) => divide(cells, across, wall, random))
    .sort((a, b) => badness(a, wall) - badness(b, wall))
    .slice(0, 3)
}
