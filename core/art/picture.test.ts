import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { bounds } from '../geometry'
import {
  greysFrom,
  greysOf,
  pictureFrom,
  pictureRows,
  pictureSchema,
  pictureSize,
  type Greys,
  type PlacedPicture,
} from './index'
import { seedOf } from '../../scripts/testing/runs'

/** Hills, sky, grain of a film and a dark edge: what a photograph has, made by formula. */
function photograph(columns: number, rows: number): Greys {
  const values = new Uint8Array(columns * rows)
  let seed = 20261126
  const grain = (): number => {
    seed = (seed * 1103515245 + 12345) % 2147483648
    return seed / 2147483648 - 0.5
  }
  for (let y = 0; y < rows; y++)
    for (let x = 0; x < columns; x++) {
      const hill = 0.55 + 0.2 * Math.sin(x / 21) + 0.1 * Math.sin(x / 7)
      const sky = 235 - (90 * y) / rows
      const moor = 60 + 50 * Math.sin(x / 5) * Math.cos(y / 6)
      const edge = 1 - 0.5 * Math.hypot(x / columns - 0.5, y / rows - 0.5) ** 2
      const value = (y / rows < hill ? sky : moor) * edge + 24 * grain()
      values[y * columns + x] = Math.max(0, Math.min(255, value))
    }
  return { columns, rows, values }
}
const placed = (greys: Greys, part: Partial<PlacedPicture> = {}): PlacedPicture => ({
  picture: 'p',
  greys,
  corners: [
    { x: 10, y: 20 },
    { x: 10 + greys.columns / 5, y: 20 },
    { x: 10, y: 20 + greys.rows / 5 },
  ],
  dots: 0.2,
  way: 'diffused',
  level: 128,
  ...part,
})
const meanOf = ({ values }: Greys): number => values.reduce((sum, value) => sum + value, 0) / values.length
/** The mean grey of what is burnt: bare is 255, burnt is 0. */
const burntMean = (picture: PlacedPicture, area: number): number => {
  const length = pictureRows(picture).reduce((sum, [a, b]) => sum + Math.abs(b.x - a.x), 0)
  return 255 * (1 - (length * picture.dots) / area)
}
const areaOf = ({ columns, rows }: Greys): number => (columns / 5) * (rows / 5)

describe('a picture as dots', () => {
  test.each([0.1, 0.2, 0.25])('keeps its mean grey within 2 %%, dots %s mm apart', (dots) => {
    const greys = photograph(240, 180)
    const now = burntMean(placed(greys, { dots }), areaOf(greys))
    expect(Math.abs(now - meanOf(greys)) / meanOf(greys)).toBeLessThan(0.02)
  })
  test('however it is turned or mirrored on its sheet', () => {
    const greys = photograph(160, 120)
    const turns = fc.record({ turn: fc.integer({ min: 0, max: 359 }), isMirrored: fc.boolean() })
    fc.assert(
      fc.property(turns, ({ turn, isMirrored }) => {
        const angle = (turn * Math.PI) / 180
        const corners = placed(greys).corners.map(({ x, y }) => ({
          x: (isMirrored ? -1 : 1) * (x * Math.cos(angle) - y * Math.sin(angle)),
          y: x * Math.sin(angle) + y * Math.cos(angle),
        })) as PlacedPicture['corners']
        const now = burntMean(placed(greys, { corners }), areaOf(greys))
        expect(Math.abs(now - meanOf(greys)) / meanOf(greys)).toBeLessThan(0.02)
      }),
      { numRuns: 20, seed: seedOf(4) },
    )
  })
  // Published: Floyd and Steinberg 1976, a dot's error shared out 7, 3, 5, 1 sixteenths (from memory),
  // done by the book on a grid, rows to and fro.
  test('dot for dot as the published kernel has it', () => {
    const greys = photograph(60, 45)
    const { columns, rows, values } = greys
    // The lowest row of the picture is burnt first.
    const left = Array.from({ length: rows }, (_, row) =>
      Array.from({ length: columns }, (_, column) => 1 - values[(rows - 1 - row) * columns + column] / 255),
    )
    const wanted = left.map(() => new Set<number>())
    const give = (row: number, column: number, error: number): void => {
      if (left[row]?.[column] !== undefined) left[row][column] += error
    }
    for (let row = 0; row < rows; row++) {
      const on = row % 2 === 0 ? 1 : -1
      for (let i = 0; i < columns; i++) {
        const column = on === 1 ? i : columns - 1 - i
        const dot = left[row][column] >= 0.5 ? 1 : 0
        if (dot === 1) wanted[row].add(column)
        const error = (left[row][column] - dot) / 16
        give(row, column + on, 7 * error)
        give(row + 1, column - on, 3 * error)
        give(row + 1, column, 5 * error)
        give(row + 1, column + on, error)
      }
    }
    const origin = placed(greys, {
      corners: [
        { x: 0, y: 0 },
        { x: columns / 4, y: 0 },
        { x: 0, y: rows / 4 },
      ],
      dots: 0.25,
    })
    const found = wanted.map(() => new Set<number>())
    for (const [a, b] of pictureRows(origin)) {
      const [from, to] = [Math.min(a.x, b.x), Math.max(a.x, b.x)].map((x) => Math.round(x / 0.25))
      for (let column = from; column < to; column++) found[Math.floor(a.y / 0.25)].add(column)
    }
    expect(found.map((row) => [...row].sort((a, b) => a - b))).toEqual(
      wanted.map((row) => [...row].sort((a, b) => a - b)),
    )
  })
  test('a flat grey is burnt as often as it is dark, within any five rows', () => {
    const flat = { columns: 100, rows: 100, values: new Uint8Array(10_000).fill(191) }
    const rows = new Map<number, number>()
    for (const [a, b] of pictureRows(placed(flat)))
      rows.set(a.y, (rows.get(a.y) ?? 0) + Math.abs(b.x - a.x) / 0.2)
    const counts = Array.from({ length: 100 }, (_, i) => rows.get((100 + i + 0.5) * 0.2) ?? 0)
    for (let i = 0; i + 5 <= 100; i++) {
      const share = counts.slice(i, i + 5).reduce((sum, count) => sum + count, 0) / 500
      expect(Math.abs(share - 64 / 255)).toBeLessThan(0.06)
    }
  })
  test('where black is wanted or nothing, a level tells', () => {
    const values = Uint8Array.from({ length: 10_000 }, (_, i) => (i % 100 < 30 ? 90 : 200))
    const greys = { columns: 100, rows: 100, values }
    const share = (level: number): number =>
      1 - burntMean(placed(greys, { way: 'threshold', level }), areaOf(greys)) / 255
    expect([share(60), share(128), share(220)]).toEqual([0, expect.closeTo(0.3, 2), expect.closeTo(1, 6)])
  })
  test('nothing is burnt beside it, nor beside the part of the plane that it may be on', () => {
    const black = { columns: 50, rows: 50, values: new Uint8Array(2500) }
    const inside = bounds(pictureRows(placed(black)).flat())
    expect([inside.minX, inside.maxX, inside.minY, inside.maxY]).toEqual(
      [10, 20, 20.1, 29.9].map((each) => expect.closeTo(each, 6)),
    )
    const within = [
      { x: 10, y: 20 },
      { x: 14, y: 20 },
      { x: 14, y: 40 },
      { x: 10, y: 40 },
    ]
    expect(bounds(pictureRows(placed(black, { within })).flat()).maxX).toBeCloseTo(14, 4)
  })
})

describe('a picture that is read in', () => {
  test('is kept as greys by the shares of the eye, what is transparent as white', () => {
    const points = [
      [255, 0, 0, 255],
      [0, 255, 0, 255],
      [0, 0, 255, 255],
      [0, 0, 0, 0],
    ]
    const { values } = greysFrom(Uint8ClampedArray.from(points.flat()), 2, 2)
    expect([...values]).toEqual([54, 182, 18, 255])
  })
  test('is made smaller with the same mean, kept and found again', () => {
    const large = photograph(1200, 900)
    const rgba = new Uint8ClampedArray(large.values.length * 4)
    large.values.forEach((value, i) => rgba.set([value, value, value, 255], 4 * i))
    const greys = greysFrom(rgba, 1200, 900)
    expect(greys.columns * greys.rows).toBeLessThanOrEqual(160_000)
    expect(meanOf(greys)).toBeCloseTo(meanOf(large), 0)
    const picture = pictureFrom(greys, 'p', 'moor')
    expect(pictureSchema.parse(picture)).toEqual(picture)
    expect(greysOf(picture)).toEqual(greys)
    expect(pictureSchema.safeParse({ ...picture, rows: picture.rows + 9 }).success).toBe(false)
  })
})

describe('what a picture says of itself, before anything is decoded', () => {
  const bytes = (...values: number[]): ArrayBuffer =>
    Uint8Array.from([...values, ...new Array<number>(30).fill(0)]).buffer
  const png = (width: number, height: number): ArrayBuffer => {
    const file = new DataView(bytes(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a))
    file.setUint32(16, width)
    file.setUint32(20, height)
    return file.buffer as ArrayBuffer
  }
  const jpeg = (marker: number): ArrayBuffer =>
    bytes(0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 2, 0xff, marker, 0, 11, 8, 0, 50, 0, 70)
  test('its size, of a PNG and of each kind of JPEG', () => {
    expect(pictureSize(png(640, 480))).toEqual({ ok: true, size: { width: 640, height: 480 } })
    for (const marker of [0xc0, 0xc1, 0xc2])
      expect(pictureSize(jpeg(marker))).toEqual({ ok: true, size: { width: 70, height: 50 } })
  })
  test.each([
    ['more points than there is room for', png(30_000, 30_000), 'more than 40 million'],
    ['no points', png(0, 5), 'has no points'],
    ['neither of them', bytes(0x47, 0x49, 0x46), 'Only PNG and JPEG'],
    ['a JPEG without a frame', jpeg(0xc4), 'Only PNG and JPEG'],
    ['too large a file', new ArrayBuffer(12_000_001), 'larger than 12 MB'],
  ])('%s is refused', (_, file, sentence) =>
    expect(pictureSize(file)).toEqual({ ok: false, error: expect.stringContaining(sentence) }),
  )
  test('no bytes make it hang or throw', () =>
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), (some) => {
        const file = Uint8Array.from([0xff, 0xd8, ...some])
        expect(typeof pictureSize(file.buffer).ok).toBe('boolean')
      }),
      { numRuns: 3000 },
    ))
})
