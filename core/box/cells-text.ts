import { parseLength, type Say } from '../length'
import type { Cells } from './cells'
import { cellsText as words } from './words'

export type CellsRead = { ok: true; cells: Cells } | { ok: false; error: string }

const MOST_CELLS = 60
/** A figure, `2×30` or the rest, without a space in it. */
const PLAIN = /^((\d{1,2}[x×*])?(\d+(\.\d+)?(mm|cm|in|")?|rest)|\*|=)$/i

/** Pieces between commas; between spaces where there is no comma and each piece is whole by itself. */
function piecesOf(text: string): string[] {
  const joined = text.replace(/(\d)\s*[x×*]\s*(?=[\dr])/gi, '$1×')
  const spaced = joined.split(/\s+/)
  if (!/[,;]/.test(joined) && spaced.length > 1 && spaced.every((piece) => PLAIN.test(piece))) return spaced
  return joined.split(/[,;]\s*/).filter((piece) => piece.trim() !== '')
}

/** A count of equal cells. */
const EQUAL = /^(\d{1,2})(\s*equal)?$/i
const REST = /^(rest|\*|=)$/i
const TIMES = /^(\d{1,2})\s*[x×*]\s*(.+)$/i

const refused = (error: string): CellsRead => ({ ok: false, error })

/**
 * Widths of cells as they are said: `3` or `3 equal` is three of them; `50, 50, 2×30, rest` says each, and
 * what is left; spaces do where no comma is.
 * @param unit of bare figures
 */
export function readCells(text: string, unit: Say['lengthUnit']): CellsRead {
  const trimmed = text.trim()
  if (trimmed === '' || trimmed === '1') return { ok: true, cells: [] }
  const counted = EQUAL.exec(trimmed)
  if (counted) {
    const count = Number(counted[1])
    return count >= 2 && count <= MOST_CELLS
      ? { ok: true, cells: Array.from({ length: count }, () => null) }
      : refused(words.typeCountWidths(MOST_CELLS))
  }
  const cells: Cells = []
  for (const piece of piecesOf(trimmed)) {
    const [, times = '1', what] = TIMES.exec(piece.trim()) ?? [undefined, '1', piece.trim()]
    const count = Number(times)
    if (REST.test(what)) {
      cells.push(...Array.from({ length: count }, () => null))
      continue
    }
    const parsed = parseLength(what, unit)
    if (!parsed.ok) return refused(parsed.error)
    if (parsed.value < 1) return refused(words.tooNarrowCell(piece.trim()))
    cells.push(...Array.from({ length: count }, () => Number(parsed.value.toFixed(6))))
  }
  if (cells.length > MOST_CELLS) return refused(words.cellsMost(cells.length, MOST_CELLS))
  if (cells.length === 1 && cells[0] !== null) return refused(words.widthAloneType(trimmed))
  return { ok: true, cells: cells.length < 2 ? [] : cells }
}

/** Cells as they would be typed; equal neighbours are said once. */
export function cellsText(cells: Cells, say: Say): string {
  if (cells.length === 0) return '1'
  if (cells.every((width) => width === null)) return String(cells.length)
  const pieces: string[] = []
  for (let i = 0; i < cells.length;) {
    let count = 1
    while (i + count < cells.length && cells[i + count] === cells[i]) count++
    const width = cells[i]
    const what = width === null ? 'rest' : say.shortPlain(width, 3)
    pieces.push(count > 1 ? `${count}×${what}` : what)
    i += count
  }
  return pieces.join(', ')
}
