import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../scripts/testing/demo'
import { area, bounds, sharedArea, shiftRegion } from '../geometry'
import { boundariesOf, deriveBox } from './index'
import { seamAcross } from '../joints'
import { bedRoom, fitsBed, seamed, seamFaults } from './seams'
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
      box: { ...tray.box, width: 900, seams: { divides: true, angle: 0, staggered: false } },
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
      box: { ...tray.box, width: 900, seams: { divides: true, angle: 0, staggered: false } },
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
