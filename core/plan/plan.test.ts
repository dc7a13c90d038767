import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { lengthOf, rectangle } from '../geometry'
import {
  beamMoves,
  doubleLines,
  mayExport,
  orderPaths,
  packPaths,
  stretchTime,
  timeSheet,
  unpackPaths,
  pathPoints,
  type CutPath,
} from './index'

const square = (operation: CutPath['operation'], part: string, x: number, y: number, side = 10): CutPath => ({
  operation,
  part,
  points: rectangle(x, y, x + side, y + side),
  closed: true,
})
const setting = { speed: 10, power: 50, passes: 1, air: true }
const settings = {
  engrave: { ...setting, speed: 300 },
  pocket: setting,
  score: { ...setting, speed: 100 },
  inside: setting,
  outline: { ...setting, passes: 2 },
}
const machine = { travelSpeed: 200, acceleration: 1000 }

// Common practice, no source: engrave, score, inside cuts, outlines.
test('labels, then inside cuts, then outlines, whatever the order they come in', () => {
  const paths = [
    square('outline', 'a', 0, 0),
    square('inside', 'a', 2, 2, 4),
    square('score', 'a', 3, 3, 1),
    square('inside', 'b', 50, 50, 4),
    square('outline', 'b', 48, 48),
  ]
  expect(orderPaths(paths).map(({ operation }) => operation)).toEqual([
    'score',
    'inside',
    'inside',
    'outline',
    'outline',
  ])
})
test('every path is kept, as long as before, and the nearest comes next', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ x: fc.integer({ min: 0, max: 500 }), y: fc.integer({ min: 0, max: 300 }) }), {
        minLength: 1,
        maxLength: 20,
      }),
      (corners) => {
        const paths = corners.map(({ x, y }, i) => square('outline', String(i), x, y))
        const ordered = orderPaths(paths)
        expect(ordered.map(({ part }) => part).sort()).toEqual(paths.map(({ part }) => part).sort())
        expect(ordered.every(({ points }) => Math.abs(lengthOf(points, true) - 40) < 1e-9)).toBe(true)
      },
    ),
  )
})
test('the nearest part comes next, and the beam begins where it waits', () => {
  const row = [300, 0, 150].map((x) => square('outline', String(x), x, 0))
  expect(orderPaths(row).map(({ part }) => part)).toEqual(['0', '150', '300'])
  expect(orderPaths(row, { x: 400, y: 0 }).map(({ part }) => part)).toEqual(['300', '150', '0'])
  const travel = (start: { x: number; y: number }) =>
    timeSheet(orderPaths(row, start), { settings }, machine, start).travel
  expect(travel({ x: 310, y: 0 })).toBeCloseTo(travel({ x: 0, y: 0 }), 1) // as near on either side
})
test('an open stroke may be run backwards', () => {
  const stroke: CutPath = {
    operation: 'score',
    part: 'a',
    points: [
      { x: 100, y: 0 },
      { x: 1, y: 0 },
    ],
    closed: false,
  }
  expect(orderPaths([stroke])[0].points[0]).toEqual({ x: 1, y: 0 })
})

describe('time', () => {
  // By definition: from rest to v and back to rest takes v/a longer than running through; a short way is all
  // speeding up and slowing down.
  test('a long stretch', () => expect(stretchTime(100, 10, 1000)).toBeCloseTo(100 / 10 + 10 / 1000, 12))
  test('a stretch too short for full speed', () =>
    expect(stretchTime(0.01, 10, 1000)).toBeCloseTo(2 * Math.sqrt(0.01 / 1000), 12))
  test('both agree where one becomes the other', () =>
    expect(stretchTime(0.1, 10, 1000)).toBeCloseTo(0.02, 12))

  test('a square in two passes: its parts add up, and passes double the way', () => {
    const time = timeSheet([square('outline', 'a', 30, 40)], { settings }, machine)
    expect(time.cutLength).toBeCloseTo(80, 9)
    expect(time.cutting).toBeCloseTo(8, 9)
    expect(time.corners).toBeCloseTo(8 * (10 / 1000), 9)
    expect(time.travel).toBeCloseTo(50 / 200 + 200 / 1000, 9)
    expect(time.total).toBeCloseTo(time.cutting + time.corners + time.travel, 9)
    expect(time.byOperation.outline).toBeCloseTo(8.08, 9)
  })
  test('an open line cut twice is travelled back along between its passes', () => {
    const line: CutPath = {
      operation: 'outline',
      part: 'a',
      closed: false,
      points: [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
      ],
    }
    const time = timeSheet([line], { settings }, machine)
    expect(time.cutLength).toBeCloseTo(200, 9)
    expect(time.travel).toBeCloseTo(stretchTime(100, 200, 1000), 9)
    const [, back] = beamMoves([line], { settings }, machine)
    expect(back).toMatchObject({ operation: 'travel', from: { x: 100, y: 0 }, to: { x: 0, y: 0 } })
  })
  test('moves follow each other without a gap in place or time', () => {
    const paths = orderPaths([
      square('outline', 'a', 0, 0),
      square('score', 'a', 20, 5, 3),
      square('outline', 'b', 90, 10),
    ])
    const moves = beamMoves(paths, { settings }, machine)
    for (const [i, move] of moves.slice(1).entries()) {
      expect(move.start).toBeCloseTo(moves[i].end, 9)
      expect(move.from).toEqual(moves[i].to)
    }
    expect(moves.at(-1)!.end).toBeCloseTo(timeSheet(paths, { settings }, machine).total, 9)
  })
  test('a gentle curve is run through without stopping', () => {
    const arc = Array.from({ length: 60 }, (_, i) => ({ x: 10 * Math.cos(i / 40), y: 10 * Math.sin(i / 40) }))
    const curve = timeSheet(
      [{ operation: 'outline', part: 'a', points: arc, closed: false }],
      { settings: { ...settings, outline: setting } },
      machine,
    )
    expect(curve.corners).toBeCloseTo(10 / 1000, 6)
  })
})

describe('double lines', () => {
  const line = (a: [number, number], b: [number, number], part: string): CutPath => ({
    operation: 'outline',
    part,
    closed: false,
    points: [
      { x: a[0], y: a[1] },
      { x: b[0], y: b[1] },
    ],
  })
  test('two squares that share a side are found, with the length', () => {
    const [found, ...more] = doubleLines([square('outline', 'a', 0, 0), square('outline', 'b', 10, 3)])
    expect(more).toEqual([])
    expect(found.parts).toEqual(['a', 'b'])
    expect(found.length).toBeCloseTo(7, 9)
    expect(found.at).toEqual({ x: 10, y: 3 })
  })
  test('a slanting line cut twice is found as well, crossing lines are not', () => {
    expect(doubleLines([line([0, 0], [30, 10], 'a'), line([33, 11], [15, 5], 'b')])[0].length).toBeCloseTo(
      Math.hypot(15, 5),
      6,
    )
    expect(doubleLines([line([0, 0], [30, 10], 'a'), line([0, 10], [30, 0], 'b')])).toEqual([])
  })
  test('however long, every shared stretch is found once, with its whole length', () => {
    const ends = fc.tuple(fc.integer({ min: -300, max: 1200 }), fc.integer({ min: 1, max: 900 }))
    fc.assert(
      fc.property(
        fc.array(ends, { minLength: 2, maxLength: 8 }),
        fc.constantFrom([1, 0], [0, 1], [0.6, 0.8], [-0.8, 0.6]),
        (spans, [dx, dy]) => {
          const found = doubleLines(
            spans.map(([from, length], i) =>
              line(
                [from * dx - 7 * dy, from * dy + 7 * dx],
                [(from + length) * dx - 7 * dy, (from + length) * dy + 7 * dx],
                String(i),
              ),
            ),
          )
          const wanted = spans.flatMap(([from, length], j) =>
            spans
              .slice(0, j)
              .map(([start, long]) => Math.min(from + length, start + long) - Math.max(from, start))
              .filter((shared) => shared > 0),
          )
          const sorted = (lengths: number[]): number[] =>
            [...lengths].sort((a, b) => a - b).map((length) => Number(length.toFixed(6)))
          expect(sorted(found.map(({ length }) => length))).toEqual(sorted(wanted))
        },
      ),
      { numRuns: 200 },
    )
  })
  test('a line that leans a little does not hide a double cut', () => {
    // A tenth of a thousandth to one: 0.01 mm over 100 mm, a metre from the corner of the sheet.
    const straight = line([1000, 700], [1100, 700], 'a')
    const leaning = line([1000, 700.005], [1100, 700.015], 'b')
    const [found] = doubleLines([straight, leaning])
    expect(found).toMatchObject({ parts: ['a', 'b'] })
    expect(found.length).toBeCloseTo(100, 2)
    const parting = doubleLines([straight, line([1000, 700], [1100, 701], 'b')]) // leaves it within 2 mm
    expect(parting[0]?.length ?? 0).toBeLessThan(2.1)
    expect(doubleLines([straight, line([1000, 700.1], [1100, 700.1], 'b')])).toEqual([])
  })
  test('squares a beam’s width apart share nothing', () =>
    expect(doubleLines([square('outline', 'a', 0, 0), square('outline', 'b', 10.1, 0)])).toEqual([]))
})

test('paths go through a block of figures and come out the same', () => {
  const paths = [square('outline', 'a', 0, 0), { ...square('score', 'b', 3, 4), closed: false }]
  expect(unpackPaths(packPaths(paths))).toEqual(paths)
})
test('one stop is enough to write no file', () => {
  const check = (state: 'ok' | 'look' | 'stop') => ({ id: state, state, title: '', detail: '' })
  expect(mayExport([check('ok'), check('look')])).toBe(true)
  expect(mayExport([check('ok'), check('stop')])).toBe(false)
  expect(pathPoints(square('outline', 'a', 0, 0))).toHaveLength(5)
})

// Engraving = rows × (width + run-outs) ÷ speed, common practice, no source: a run-out at either end of
// a row is the way to stop and to be at speed again, v² ÷ 2a each.
test('engraving takes its rows with their run-outs, bare gaps crossed without a stop', () => {
  const speed = settings.engrave.speed
  const { acceleration } = machine
  const row = (y: number, back: boolean): CutPath[] => {
    const spans: [number, number][] = [[0, 20], [30, 60]] // oxfmt-ignore
    const ways = spans.map(([a, b]): CutPath => ({
      operation: 'engrave',
      part: 'a',
      closed: false,
      points: back
        ? [
            { x: b, y },
            { x: a, y },
          ]
        : [
            { x: a, y },
            { x: b, y },
          ],
    }))
    return back ? ways.reverse() : ways
  }
  const rows = Array.from({ length: 40 }, (_, i) => row(i * 0.1, i % 2 === 1)).flat()
  const { byOperation, cutting, travel } = timeSheet(rows, { settings }, machine)
  const runOut = (speed * speed) / (2 * acceleration)
  // The mean speed of a run-out is half of the row's: it counts twice.
  expect(byOperation.engrave + travel).toBeCloseTo((40 * (60 + 2 * 2 * runOut)) / speed, 0)
  expect(cutting).toBeCloseTo((40 * 50) / speed, 6)
  const apart = timeSheet(
    rows.map((path) => ({ ...path, operation: 'score' as const })),
    { settings: { ...settings, score: settings.engrave } },
    machine,
  )
  expect(apart.total).not.toBeCloseTo(byOperation.engrave + travel, 0)
})
