import { describe, expect, test } from '@jest/globals'
import { rectangle } from '@core/geometry'
import type { NestRules, Placement } from '@core/nest'
import { dropAt, freeDown, letterSize, LINE, linesOf, makeBoard, sheetCorner } from './board'
import { turnedOn } from './turning'

const settings: NestRules = {
  margin: 5,
  gap: 3,
  grain: 'free',
  turning: true,
}
const sheet = { width: 600, height: 400 }
const placement: Placement = { part: 'front', sheet: 0, x: 10, y: 20, turn: 0, pinned: false }
const size = { width: 100, height: 50 }

describe('dropping a part', () => {
  const board = makeBoard(4, sheet)
  test('on its own sheet it moves by as much as the hand, y turned over, and is pinned', () =>
    expect(dropAt(board, 4, sheet, placement, 30, -40, size)).toEqual({
      ...placement,
      x: 40,
      y: 60,
      pinned: true,
    }))
  test('over another sheet it goes there', () => {
    const dropped = dropAt(board, 4, sheet, placement, board.stepX, 0, size)
    expect(dropped).toMatchObject({ sheet: 1, x: 10, y: 20 })
    expect(dropAt(board, 4, sheet, placement, 0, board.stepY, size)).toMatchObject({
      sheet: board.columns,
      x: 10,
      y: 20,
    })
  })
  test('beside all sheets it stays on its own', () =>
    expect(dropAt(makeBoard(1, sheet), 1, sheet, placement, 0, 2000, size).sheet).toBe(0))
  test('sheets stand side by side without overlap', () => {
    const corners = [0, 1, 2, 3].map((index) => sheetCorner(board, index, sheet))
    expect(new Set(corners.map(({ x, y }) => `${x} ${y}`)).size).toBe(4)
  })
})
describe('turning', () => {
  const shape = { outline: rectangle(0, 0, 100, 50), holes: [] }
  const part = { shape, turnedShape: shape }
  const next = (turn: Placement['turn'], rules: Partial<NestRules> = {}) =>
    turnedOn(part, { ...placement, turn }, { ...settings, ...rules })
  test('goes through what grain and the maker allow', () => {
    expect([next(0)?.turn, next(270)?.turn, next(0, { grain: 'along' })?.turn]).toEqual([90, 0, 180])
    expect(next(0, { turning: false })).toBeNull()
  })
  test('is about the middle of the part, which is pinned there', () => {
    expect(next(0)).toEqual({ ...placement, turn: 90, x: 35, y: -5, pinned: true })
    expect(turnedOn(part, next(0)!, settings)).toMatchObject({ turn: 180, x: 10, y: 20 })
    expect(next(0, { grain: 'along' })).toMatchObject({ turn: 180, x: 10, y: 20 })
  })
})

test('letters are a share of the board, and can be read however small it is drawn', () => {
  const board = { width: 1100, height: 400, lines: 1 }
  expect(letterSize(board, { width: 1100, height: 800 })).toBe(20)
  const narrow = letterSize(board, { width: 330, height: 800 })
  expect((narrow * 330) / (1100 + 2 * narrow)).toBeCloseTo(12)
  const low = letterSize(board, { width: 1100, height: 150 })
  expect((low * 150) / (400 + 4 * low)).toBeCloseTo(12)
  // No more than a strip is left of the screen: the board still has half of it.
  expect(letterSize(board, { width: 1100, height: 49 })).toBeCloseTo((12 * 400) / 24.5)
  expect(letterSize(board, { width: 1100, height: 30 })).toBeCloseTo((12 * 400) / 15)
})

describe('on a small screen', () => {
  const drawn = { width: 330, height: 420 }
  const board = makeBoard(3, sheet, drawn)
  const letters = letterSize(board, drawn)
  test('sheets stand in the grid in which they are largest', () => {
    expect(makeBoard(3, sheet, { width: 300, height: 900 }).columns).toBe(1)
    expect(makeBoard(3, sheet, { width: 1200, height: 300 }).columns).toBe(3)
    expect(board.columns).toBe(2)
  })
  test('nothing that is said of a sheet lies over the next one, or beyond the drawing', () => {
    expect(board.stepY - sheet.height).toBeGreaterThan(letters * (1 + LINE * board.lines))
    expect(freeDown(board) * letters).toBeGreaterThan(letters * (1 + LINE * board.lines))
  })
  test('what is said goes over several lines, each as wide as a sheet at most', () => {
    const said = '59 % used · 8 min 29 s · costs 6.50 · 779.5 cm² left in one piece'
    const lines = linesOf(said, sheet.width, letters)
    expect(lines.join(' · ')).toBe(said)
    expect(lines.length).toBeGreaterThan(1)
    expect(lines.length).toBeLessThanOrEqual(board.lines + 1)
    expect(linesOf(said, 10 * sheet.width, letters)).toEqual([said])
    expect(linesOf('', 600, letters)).toEqual([''])
  })
})
