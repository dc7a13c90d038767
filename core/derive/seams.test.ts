import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../scripts/testing/demo'
import { area, bounds, rectangle, sharedArea, shiftRegion } from '../geometry'
import { IN_METRIC } from '../length'
import { warningSentence } from '../say'
import { boundariesOf, deriveBox, warningsOf } from './index'
import { seamAcross } from '../joints'
import { bedRoom, fitsBed, inPieces, seamed, seamedAt, seamFaults, seamPlaces } from './seams'
import { seedOf } from '../../scripts/testing/runs'

const tray = demo('plain-tray')
const panelOf = (width: number, id = 'front') =>
  deriveBox({ ...tray, box: { ...tray.box, width } }).panels!.find((panel) => panel.id === id)!

describe('a panel that does not fit the bed', () => {
  test('fits either way round, with the margin kept free', () => {
    const room = bedRoom(tray.measure.machine!, 5)
    expect(room).toEqual([590, 390])
    expect(fitsBed({ width: 380, height: 580 }, room)).toBe(true)
    expect(fitsBed({ width: 600, height: 20 }, room)).toBe(false)
  })
  test('its pieces fill it, share nothing, and each fits', () => {
    fc.assert(
      fc.property(fc.integer({ min: 620, max: 1700 }), fc.constantFrom('front', 'floor'), (width, id) => {
        const panel = panelOf(width, id)
        const pieces = seamed(panel, [590, 390], 0)
        expect(pieces.length).toBe(Math.ceil((panel.size.width - 9.12) / (590 - 9.12)))
        const sum = pieces.reduce((total, { region }) => total + area(region), 0)
        expect(sum).toBeCloseTo(area(panel.region), 1)
        for (const [i, piece] of pieces.entries()) {
          expect(piece.id).toBe(`${id}-${'abc'[i]}`)
          expect(bounds(piece.region.outline).maxX).toBeGreaterThan(0)
          for (const other of pieces.slice(i + 1))
            expect(sharedArea(piece.region, other.region)).toBeLessThan(1e-3)
        }
      }),
      { numRuns: 25, seed: seedOf(4) },
    )
  })
  test('is proven with the box; pieces that share a place or leave one out are found', () => {
    const box = deriveBox({
      ...tray,
      box: { ...tray.box, width: 900, seams: { divides: true, angle: 0, staggered: false, at: {} } },
    })
    expect(box.proof!.faults).toEqual([])
    expect(box.divided.map(({ panel, pieces }) => [panel.id, pieces.length])).toEqual([
      ['floor', 2],
      ['front', 2],
      ['back', 2],
    ])
    const [{ panel, axis, pieces }] = box.divided
    const moved = { ...pieces[1], region: shiftRegion(pieces[1].region, -1, 0) }
    expect(seamFaults({ panel, axis, pieces: [pieces[0], moved] }).map(({ kind }) => kind)).toEqual([
      'overlap',
    ])
    expect(seamFaults({ panel, axis, pieces: [pieces[0]] }).map(({ kind }) => kind)).toEqual(['missing'])
  })
  test('the odds know its fingers, each piece as it lies', () => {
    const job = {
      ...tray,
      box: { ...tray.box, width: 900, seams: { divides: true, angle: 0, staggered: false, at: {} } },
    }
    const box = deriveBox(job)
    const seams = (turned: Record<string, boolean>) =>
      boundariesOf(box, 1, turned).filter(({ where }) => where === 'floor a and floor b')
    expect(seams({}).map(({ edges }) => edges)).toEqual([['y', 'y']])
    expect(seams({ 'floor-a-1': true }).map(({ edges }) => edges)).toEqual([['x', 'y']])
    const withLeft = boundariesOf(box, 1, { 'front-a-1': true }).filter(
      ({ where }) => where === 'front and floor',
    )
    expect(withLeft).toHaveLength(2) // one piece lies turned, the other does not
  })
  test('the wanted interference is in its fingers as well', () => {
    const panel = panelOf(900)
    const drawn = (interference: number): number =>
      seamed(panel, [590, 390], interference).reduce((sum, piece) => sum + area(piece.drawn), 0)
    expect(drawn(0.1)).toBeGreaterThan(drawn(0))
    expect(drawn(-0.1)).toBeLessThan(drawn(0))
  })
  test('one that is too high as well, or would be more than six pieces, is left as it is', () => {
    expect(seamed(panelOf(900, 'floor'), [120, 100], 0)).toHaveLength(1)
    expect(seamed(panelOf(240), [590, 390], 0)).toEqual([panelOf(240)])
  })
})

describe('fingers that slant', () => {
  const floor = panelOf(900, 'floor')
  const bed: [number, number] = [590, 390]
  const holds = (angle: number): number => {
    const [a, b] = seamed(floor, bed, 0, { angle, shift: 0 })
    return sharedArea(a.region, shiftRegion(b.region, 1, 0))
  }
  test('hold in the plane: the halves cannot be drawn apart, straight ones can', () => {
    expect(holds(0)).toBeLessThan(1e-6)
    expect(holds(12)).toBeGreaterThan(1)
  })
  test.each([0, 8, 14, 30])(
    'slanting by %i° they make up the panel, and no neck is thinner than the sheet',
    (angle) => {
      const pieces = seamed(floor, bed, 0, { angle, shift: 0 })
      expect(seamFaults({ panel: floor, axis: 'x', pieces })).toEqual([])
      const { cuts, slant } = seamAcross('x', 0, 0, 300, 3, angle)
      expect(Math.min(...cuts.slice(1).map((cut, i) => cut - cuts[i])) - 2 * slant).toBeGreaterThan(3 - 1e-9)
    },
  )
  test('what is drawn overlaps by the interference across the slanting sides as well', () => {
    const halves = seamed(floor, bed, 0.1, { angle: 14, shift: 0 }).map(({ drawn }) => drawn)
    const straight = seamed(floor, bed, 0.1, { angle: 0, shift: 0 }).map(({ drawn }) => drawn)
    const [slanting, plain] = [halves, straight].map(([a, b]) => sharedArea(a, b))
    // Sides are longer by 1 / cos 14°, and as wide across.
    expect(slanting / plain).toBeCloseTo(1 / Math.cos((14 * Math.PI) / 180), 1)
  })
  test('staggered, seams of two panels do not lie in one plane, and every piece fits the bed', () => {
    const at = (shift: 1 | -1): number =>
      bounds(seamed(floor, bed, 0, { angle: 0, shift })[0].region.outline).maxX
    expect(Math.abs(at(1) - at(-1))).toBeGreaterThan(20)
    for (const shift of [1, -1] as const)
      for (const { size } of seamed(floor, bed, 0, { angle: 14, shift }))
        expect(fitsBed(size, bed)).toBe(true)
  })
})

describe('a seam where the maker has it', () => {
  const floor = panelOf(900, 'floor')
  const bed: [number, number] = [590, 390]
  const withSeams = (at: Record<string, number[]>, width = 900) =>
    deriveBox({
      ...tray,
      box: { ...tray.box, width, seams: { divides: true, angle: 14, staggered: true, at } },
    })
  test('is there, to the hundredth, and the other panels are as they were', () => {
    const at = (box: ReturnType<typeof withSeams>): Record<string, number[]> =>
      Object.fromEntries(
        box.divided.map((each) => [each.panel.id, seamPlaces(each).map((place) => Number(place.toFixed(2)))]),
      )
    const [before, after] = [withSeams({}), withSeams({ floor: [333.3] })]
    expect(after.proof!.faults).toEqual([])
    expect(after.oversize.map(({ fault }) => fault)).toEqual([null, null, null])
    expect(at(after)).toEqual({ ...at(before), floor: [333.3] })
    expect(at(before).floor).not.toEqual([333.3])
  })
  test('several are in order, however they were typed; all pieces fit', () => {
    const box = withSeams({ floor: [700, 250] }, 1200)
    const { pieces, panel } = box.divided.find(({ panel: { id } }) => id === 'floor')!
    expect(pieces.map(({ id }) => id)).toEqual(['floor-a', 'floor-b', 'floor-c'])
    expect(pieces.every(({ size }) => fitsBed(size, bed))).toBe(true)
    expect(seamFaults({ panel, axis: 'x', pieces })).toEqual([])
  })
  test.each([
    [[4], { why: 'close', at: 4 }],
    [[896], { why: 'close', at: 896 }],
    [[1200], { why: 'close', at: 1200 }],
    [[450, 456], { why: 'close', at: 456 }],
    [[620], { why: 'large', piece: 'floor a' }],
  ])('at %p it cannot be', (at, fault) => expect(seamedAt(floor, at, bed, 0, 0)).toMatchObject(fault))
  test('through an opening from side to side the panel would fall apart', () => {
    const { minY, maxY } = bounds(floor.region.outline)
    const hole = rectangle(420, minY + 2, 480, maxY - 2).reverse()
    const open = { ...floor, region: { ...floor.region, holes: [hole] } }
    expect(seamedAt(open, [450], bed, 0, 0)).toEqual({ why: 'apart' })
    expect(seamedAt(floor, [450], bed, 0, 0)).toHaveLength(2)
  })
  test('that cannot be is told of, and the panel is divided evenly', () => {
    const box = withSeams({ floor: [620] })
    const [floorCut] = box.oversize.filter(({ panel: { id } }) => id === 'floor')
    expect([floorCut.fault?.why, floorCut.pieces.length]).toEqual(['large', 2])
    const [warning] = warningsOf(box, tray.measure.machine, 5, []).filter(({ kind }) => kind === 'seam')
    expect(warningSentence(warning, box, IN_METRIC)).toMatch(
      /^The floor a would be \d+ mm long, more than the bed takes\. Move the seam\. Until then/,
    )
  })
  test('is taken where none could be worked out: slits across the middle leave no even place', () => {
    const { minY, maxY } = bounds(floor.region.outline)
    const holes = Array.from({ length: 40 }, (_, i) =>
      rectangle(330 + 6 * i, minY + 8, 333 + 6 * i, maxY - 8).reverse(),
    )
    const region = { ...floor.region, holes }
    const open = { ...floor, region, drawn: region }
    const cut = (at: Record<string, number[]>) =>
      inPieces(open, { divides: true, angle: 0, staggered: false, at }, 0, bed, 0)
    expect([cut({}).pieces.length, cut({}).fault]).toEqual([1, null])
    expect([cut({ floor: [575] }).pieces.length, cut({ floor: [575] }).fault]).toEqual([2, null])
  })
})
