import { describe, expect, test } from '@jest/globals'
import { apart, borderOf, jtsOf, shared, without } from '../../../scripts/testing/jts'
import { puzzle } from '../../../scripts/testing/puzzles'
import { rectangle, shiftPoints, type Region, type Ring } from '../../geometry'
import { randomFrom } from '../../statistics'
import { groundOf, poseOf, stepFor } from '../outline'
import { driveApart, Levels, type Place } from './apart'

const [GAP, MARGIN] = [3, 5]
const QUARTERS = [0, 90, 180, 270]

interface Task {
  shapes: Region[]
  outlines: Ring[]
  pinned?: Ring[]
  turns?: number[]
}

/** Looks until it is found, for so many chunks of work at most. */
function placesFor({ shapes, outlines, pinned = [], turns = QUARTERS }: Task, seed: number, most = 1600) {
  const grounds = outlines.map((outline) => groundOf(outline, MARGIN, GAP, stepFor(outline))!)
  const parts = shapes.map((shape) => ({
    poses: grounds.map(({ raster }) => turns.map((angle) => poseOf(shape, angle, GAP, raster))),
    from: null,
  }))
  const sheets = grounds.map((ground) => ({ ground, pinned }))
  const search = driveApart(parts, sheets, new Levels(GAP), randomFrom(seed))
  for (let i = 0; i < most; i++) {
    const { value } = search.next()
    if (value) return value
  }
  return null
}

/** By an unrelated library: each inside the margin of its sheet, and a gap from all others there. */
function expectApart(places: Place[], { outlines, pinned = [] }: Task): void {
  const asShape = ([outline, ...holes]: Ring[]) => jtsOf({ outline, holes })
  const held = pinned.map((ring) => asShape([ring]))
  const sheets = outlines.map((outline) => asShape([outline]))
  const all = places.map(({ sheet, pose, x, y }) => ({
    sheet,
    shape: asShape(pose.rings.map((ring) => shiftPoints(ring, x, y))),
  }))
  for (const [i, { sheet, shape }] of all.entries()) {
    expect(without(shape, sheets[sheet]).getArea()).toBeLessThan(1e-3)
    expect(apart(borderOf(sheets[sheet]), shape)).toBeGreaterThan(MARGIN - 1e-3)
    const others = all.slice(i + 1).flatMap((other) => (other.sheet === sheet ? [other.shape] : []))
    for (const other of [...others, ...held]) {
      expect(shared(shape, other).getArea()).toBeLessThan(1e-3)
      expect(apart(shape, other)).toBeGreaterThan(GAP - 1e-3)
    }
  }
}

describe('parts that are driven apart', () => {
  test.each([
    ['cuts', 1],
    ['jigsaw', 2],
    ['rings', 3],
    ['turned by 15°', 2],
  ] as const)('fill a sheet that was cut up into them: %s', (kind, seed) => {
    const { parts, turns, sheet } = puzzle(kind, 0.14, seed)
    const task = { shapes: parts, outlines: [rectangle(0, 0, sheet.width, sheet.height)], turns }
    const places = placesFor(task, seed)
    expectApart(places!, task)
  })

  test('lie on two sheets of different outlines, clear of what is pinned', () => {
    const offcut: Ring = [
      { x: 0, y: 0 },
      { x: 260, y: 0 },
      { x: 260, y: 90 },
      { x: 120, y: 200 },
      { x: 0, y: 200 },
    ]
    const block = (width: number, height: number): Region => ({
      outline: rectangle(0, 0, width, height),
      holes: [],
    })
    const task = {
      shapes: [block(100, 90), block(90, 70), block(80, 60), block(80, 60), block(100, 40), block(60, 60)],
      outlines: [offcut, rectangle(0, 0, 240, 170)],
      pinned: [rectangle(20, 20, 70, 60)],
    }
    const places = placesFor(task, 4)
    expectApart(places!, task)
    expect(new Set(places!.map(({ sheet }) => sheet)).size).toBe(2)
  })

  test('are looked for without end where there is no room', () => {
    const shapes = Array.from({ length: 3 }, (): Region => ({
      outline: rectangle(0, 0, 100, 100),
      holes: [],
    }))
    expect(placesFor({ shapes, outlines: [rectangle(0, 0, 230, 130)] }, 1, 48)).toBeNull()
  })
})
