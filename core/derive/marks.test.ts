import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { bounds, rectangle, type Region } from '../geometry'
import { POCKET_INTERVAL } from '../tune'
import { fillLines } from './fill'
import { deriveAll, deriveBox, markOf } from './index'
import { labelOn, roomFor } from './label-place'
import { letterFor, lettersOf } from './letters'

describe('a label', () => {
  const plain: Region = { outline: rectangle(0, 0, 100, 40), holes: [] }
  const box = (region: Region, text = 'front') => bounds(labelOn(region, text, 60, 7).flat())
  test('stands in the middle where nothing is cut out', () => {
    const { minX, maxX, minY, maxY } = box(plain)
    expect(Math.abs((minX + maxX) / 2 - 50)).toBeLessThan(1)
    expect(Math.abs((minY + maxY) / 2 - 20)).toBeLessThan(1)
  })
  test('goes beside a slot, and is as large there', () => {
    const slotted = { ...plain, holes: [rectangle(48, 4, 52, 36).reverse()] }
    const { minX, maxX, minY, maxY } = box(slotted)
    expect(maxX < 48 || minX > 52).toBe(true)
    expect(maxY - minY).toBeCloseTo(box(plain).maxY - box(plain).minY, 6)
  })
  test('goes beside a window that it would fit into, and may stand within a line', () => {
    const window = { ...plain, holes: [rectangle(25, 8, 75, 32).reverse()] }
    const { minX, maxX, minY, maxY } = box(window, 'a')
    expect(maxX < 25 || minX > 75 || maxY < 8 || minY > 32).toBe(true)
    const inLine = bounds(labelOn(plain, 'front', 60, 7, [rectangle(3, 3, 97, 37)]).flat())
    expect(Math.abs((inLine.minX + inLine.maxX) / 2 - 50)).toBeLessThan(1)
  })
  test('is made smaller where that makes room', () => {
    const crowded = { ...plain, holes: [33, 66].map((x) => rectangle(x - 2, 1, x + 2, 39).reverse()) }
    const { minY, maxY } = box(crowded, 'back 1')
    expect(maxY - minY).toBeLessThan(box(plain).maxY - box(plain).minY)
  })
})

describe('room for words', () => {
  const narrow: Region = { outline: rectangle(0, 0, 12, 80), holes: [] }
  test('upright words fit where lying ones do not', () => {
    expect(roomFor(narrow, 4, 5)).toBeNull()
    const room = roomFor(narrow, 4, 5, [], true)!
    expect([room.at.x, room.at.y, room.height]).toEqual([6, 40, 5])
  })
  test('upright words go past a hole', () => {
    const holed = { ...narrow, holes: [rectangle(3, 35, 9, 45).reverse()] }
    const { at, height } = roomFor(holed, 4, 5, [], true)!
    expect(Math.abs(at.y - 40)).toBeGreaterThan(5 + 2 * height)
  })
})

describe('letters', () => {
  test('A to Z, then AA', () =>
    expect([0, 25, 26, 27, 52].map(letterFor)).toEqual(['A', 'Z', 'AA', 'AB', 'BA']))
  test('each one is on just two panels, beside their joint', () => {
    const { made, panels } = deriveBox(demo('instrument-case'))
    const letters = lettersOf(made!.assembly, panels!)
    const counts = new Map<string, number>()
    for (const { text } of [...letters.values()].flat()) counts.set(text, (counts.get(text) ?? 0) + 1)
    expect(counts.size).toBe(made!.assembly.joints.length)
    expect(new Set(counts.values())).toEqual(new Set([2]))
    for (const panel of panels!) {
      const { minX, maxX, minY, maxY } = bounds(panel.region.outline)
      for (const { at } of letters.get(panel.id)!)
        expect(at.x > minX && at.x < maxX && at.y > minY && at.y < maxY).toBe(true)
    }
  })
})

describe('the lines that fill a pocket', () => {
  test.each([
    [rectangle(0, 0, 60, 3), 'y'],
    [rectangle(10, 20, 13, 90), 'x'],
  ] as const)('run to and fro along its longer side, close enough, and stay inside', (ring, across) => {
    const lines = fillLines(ring, 0.08)
    const [pocket, filled] = [bounds(ring), bounds(lines)]
    expect(filled.minX).toBeCloseTo(pocket.minX + 0.08, 9)
    expect(filled.maxY).toBeCloseTo(pocket.maxY - 0.08, 9)
    const rows = [...new Set(lines.map((point) => point[across]))].sort((a, b) => a - b)
    for (let i = 1; i < rows.length; i++)
      expect(rows[i] - rows[i - 1]).toBeLessThanOrEqual(POCKET_INTERVAL + 1e-9)
    expect(lines).toHaveLength(2 * rows.length)
    // One way: every row begins where the one before it ended.
    const along = across === 'x' ? 'y' : 'x'
    for (let i = 2; i < lines.length; i += 2) expect(lines[i][along]).toBe(lines[i - 1][along])
  })
})

test('the mark of the files is scored beside each label where that is wanted, and is the same one', () => {
  const job = demo('plain-tray')
  const cut = (mark: boolean) => {
    const all = deriveAll({ ...job, cut: { ...job.cut, labels: 'up', mark } })
    const paths = all.derived.plan!.loads.flatMap((load) => load.paths)
    const scored = (part: string): number =>
      paths.filter((path) => path.part === part && path.operation === 'score').length
    return { mark: markOf(all.job, all.derived.plan!), scored: all.parts.map(({ id }) => scored(id)) }
  }
  const [plain, marked] = [cut(false), cut(true)]
  for (const [i, strokes] of marked.scored.entries()) expect(strokes).toBeGreaterThan(plain.scored[i] + 3)
  // Another file than without it, and the same one each time.
  expect(marked.mark).not.toBe(plain.mark)
  expect(cut(true).mark).toBe(marked.mark)
})
