import { describe, expect, test } from '@jest/globals'
import { jtsOf, shrunk, spansAlong } from '../../scripts/testing/jts'
import { writeDxf, writeSvg } from '../files'
import { IN_METRIC as say } from '../length'
import { signedArea, type Region } from '../geometry'
import { kerfOf } from '../kerf'
import { doubleLines, type CutPath } from '../plan'
import { thicknessOf } from '../stock'
import {
  combNames,
  combSteps,
  doubtReading,
  expectedReading,
  makeTestPiece,
  fixGauge,
  newTrial,
  pieceProblem,
  pieceStatement,
  reshaped,
  shiftedPiece,
  startAnew,
  readingPrompts,
  slotWidths,
  trialResult,
  type TestMethod,
  type Trial,
} from './index'

/** A snug that nobody said anything of. */
const UNSAID = { offset: 0, sd: 0.005 }

const KERF = 0.17
const thickness = thicknessOf({
  nominal: 3,
  readings: [3.04, 3.05, 3.03].map((value) => ({ value, spot: '', on: '' })),
})
const unknown = kerfOf(null)
const pieceOf = (trial: Trial): CutPath[] => {
  const piece = makeTestPiece(trial, thickness)
  expect(pieceProblem(piece, say)).toBe('')
  return piece.paths
}
const regionOf = ({ points }: CutPath): Region => ({
  outline: signedArea(points) > 0 ? points : [...points].reverse(),
  holes: [],
})
/** What the beam leaves of a part: jsts takes half the kerf off all round. */
const cut = (path: CutPath) => shrunk(jtsOf(regionOf(path)), KERF / 2)
/** What the beam makes of a hole: half the kerf larger all round. */
const cutHole = (path: CutPath) => shrunk(jtsOf(regionOf(path)), -KERF / 2)
const sizeOf = (shape: ReturnType<typeof cut>): { width: number; height: number } => {
  const frame = shape.getEnvelopeInternal()
  return { width: frame.getMaxX() - frame.getMinX(), height: frame.getMaxY() - frame.getMinY() }
}
const holds = (result: { width: number; doubt: number | null }, slack = 1e-4) =>
  expect(Math.abs(result.width - KERF)).toBeLessThanOrEqual((result.doubt ?? 0) + slack)

describe('a test piece cut with a known kerf and measured by another library gives that kerf back', () => {
  test('each square carries an arrow across the sheet, inside of it', () => {
    const { paths } = makeTestPiece(
      { ...newTrial('squares'), offcut: { width: 400, height: 100 } },
      thickness,
    )
    const outlines = paths.filter(({ operation }) => operation === 'outline')
    for (const { part, points } of outlines) {
      const xs = points.map(({ x }) => x)
      const arrow = paths.filter(
        (path) => path.part === part && path.operation === 'score' && path.points.length === 3,
      )
      const tips = arrow.filter(({ points: [a, tip, b] }) => a.x === b.x && tip.x > a.x)
      expect(tips).toHaveLength(1)
      expect(tips[0].points[1].x).toBeLessThan(Math.max(...xs))
    }
    expect(outlines.length).toBeGreaterThan(3)
  })
  test('squares', () => {
    const trial = newTrial('squares')
    const measured = pieceOf(trial)
      .filter(({ operation }) => operation === 'outline')
      .map((path) => sizeOf(cut(path)))
    expect(measured).toHaveLength(5)
    const { kerf, squares } = trialResult(
      { ...trial, readings: measured.flatMap(({ width, height }) => [width, height]) },
      thickness,
      unknown,
      UNSAID,
    )
    holds(kerf!)
    expect(squares).toMatchObject({ n: 5 })
  })
  test('slit strip', () => {
    const trial = newTrial('strip')
    const paths = pieceOf(trial)
    const window = paths.find(({ operation, closed }) => operation === 'inside' && closed)!
    const across = paths.filter(({ closed, operation }) => operation === 'inside' && !closed)
    expect(across).toHaveLength(trial.strip.lines - 2)
    // Pieces between neighbouring lines, the window's own ends among them, each half a kerf shorter at
    // either
    // side.
    const axis = across[0].points[0].x === across[1].points[0].x ? 'y' : 'x'
    const xs = [
      ...across.map(({ points }) => points[0][axis]),
      ...new Set(window.points.map((point) => point[axis])),
    ].sort((a, b) => a - b)
    const pieces = xs.slice(1).map((x, i) => x - xs[i] - KERF)
    const opening = sizeOf(cutHole(window))
    const gap = Math.max(opening.width, opening.height) - pieces.reduce((sum, piece) => sum + piece, 0)
    holds(trialResult({ ...trial, readings: [gap] }, thickness, unknown, UNSAID).kerf!)
  })
  test('slot gauge: the first slot that the sheet enters', () => {
    const trial = newTrial('slots')
    const openings = pieceOf(trial)
      .filter(({ operation }) => operation === 'inside')
      .map((path) => sizeOf(cutHole(path)))
      .map(({ width, height }) => Math.min(width, height))
      .sort((a, b) => a - b)
    expect(openings).toHaveLength(12)
    const best = openings.findIndex((width) => width >= thickness.mean)
    holds(trialResult({ ...trial, best }, thickness, unknown, UNSAID).kerf!)
  })
  test('fit comb: the best pair is where the formula says, and gives the taste back', () => {
    const trial = newTrial('comb')
    const outlines = pieceOf(trial).filter(({ operation }) => operation === 'outline')
    const gapOf = (pair: number): number => {
      const [a, b] = ['a', 'b'].map((half) =>
        acrossTabs(outlines.find(({ part }) => part === `pair-${pair + 1}-${half}`)!),
      )
      const tab = a[1][1] - a[1][0]
      const notch = b[1][0] - b[0][1]
      return (notch - tab) / 2
    }
    const taste = 0.03
    const gaps = combSteps(trial).map((_, i) => gapOf(i))
    const best = gaps.reduce(
      (least, gap, i) => (Math.abs(gap + taste) < Math.abs(gaps[least] + taste) ? i : least),
      0,
    )
    expect(Math.abs(combSteps(trial)[best] - (KERF / 2 + taste / 2))).toBeLessThanOrEqual(
      trial.comb.step / 2 + 1e-6,
    )
    const { comb } = trialResult(
      { ...trial, best },
      thickness,
      kerfOf({ width: KERF, doubt: 0.005, how: '' }),
      UNSAID,
    )
    expect(Math.abs(comb!.taste - taste)).toBeLessThanOrEqual(comb!.tasteDoubt)
  })
})

/**
 * The spans of a comb half across its tabs, after the cut, whichever way it lies: the line through the tabs
 * is the one that is interrupted.
 */
function acrossTabs(path: CutPath): [number, number][] {
  const shape = cut(path)
  const frame = shape.getEnvelopeInternal()
  const lines = [
    spansAlong(shape, 'x', frame.getMaxY() - 3),
    spansAlong(shape, 'x', frame.getMinY() + 3),
    spansAlong(shape, 'y', frame.getMaxX() - 3),
    spansAlong(shape, 'y', frame.getMinX() + 3),
  ]
  return lines.find((spans) => spans.length > 1)!
}

describe.each(['squares', 'strip', 'comb', 'slots'] as TestMethod[])('%s', (method) => {
  const piece = makeTestPiece(newTrial(method), thickness)
  test('numbers first, lines across before what frees them, outlines last; nothing cut twice', () => {
    const operations = piece.paths.map(({ operation }) => operation)
    expect(operations).toEqual(
      [...operations].sort(
        (a, b) => ['score', 'inside', 'outline'].indexOf(a) - ['score', 'inside', 'outline'].indexOf(b),
      ),
    )
    const inside = piece.paths.filter(({ operation }) => operation === 'inside').map(({ closed }) => closed)
    expect(inside).toEqual([...inside].sort((a, b) => Number(a) - Number(b)))
    expect(doubleLines(piece.paths)).toEqual([])
    expect(operations.filter((operation) => operation === 'score').length).toBeGreaterThan(1)
  })
  test('is written as SVG and DXF with its statement', () => {
    const file = {
      title: method,
      statement: pieceStatement(newTrial(method), thickness, say),
      width: piece.width,
      height: piece.height,
      paths: piece.paths,
    }
    expect(writeSvg(file)).toContain('ompensation')
    expect(writeDxf(file)).toContain('ompensation')
  })
  test('an offcut that is too small is said', () =>
    expect(
      pieceProblem(makeTestPiece({ ...newTrial(method), offcut: { width: 30, height: 24 } }, thickness), say),
    ).toContain('not fit on this offcut'))
})

test('comb pairs are called by their hundredths of a millimetre, half ones too', () => {
  const named = (from: number, step: number): string[] =>
    combNames({ ...newTrial('comb'), comb: { from, step, count: 4 } })
  expect(named(0.04, 0.01)).toEqual(['4', '5', '6', '7'])
  expect(named(0.285, 0.005)).toEqual(['28.5', '29', '29.5', '30'])
})

test('nothing is said before there is enough to say it', () => {
  for (const method of ['squares', 'strip', 'comb', 'slots'] as TestMethod[])
    expect(trialResult(newTrial(method), thickness, unknown, UNSAID)).toEqual({
      kerf: null,
      comb: null,
      squares: null,
      beyond: null,
    })
  expect(
    trialResult({ ...newTrial('squares'), readings: [24.9, null, 24.8, 24.82] }, thickness, unknown, UNSAID)
      .squares?.n,
  ).toBe(1)
  expect(readingPrompts(newTrial('squares'))).toHaveLength(10)
  expect(slotWidths(newTrial('slots'), 3).at(-1)).toBe(3)
})

describe('a reading that no kerf explains is asked about', () => {
  const squares = { ...newTrial('squares'), squares: { side: 25.4, count: 5, ways: 'both' as const } }
  const strip = newTrial('strip') // 10 lines
  test.each([
    [squares, 0.9936, 25.2374], // the check value of the trade, typed in inches [CP]
    [squares, 252.4, 25.24],
    [squares, 2.524, 25.24],
    [strip, 0.067, 1.7018],
    [strip, 16.2, 1.62],
    [strip, 0.012, 0.3048],
  ])('%#', (trial, typed, meant) => expect(doubtReading(trial, typed, say)?.suggestion?.value).toBe(meant))

  test('what no slip explains is to be measured again', () => {
    expect(doubtReading(squares, 24.1, say)).toMatchObject({
      suggestion: null,
      says: expect.stringContaining('right square'),
    })
    expect(doubtReading(strip, 700, say)).toMatchObject({
      suggestion: null,
      says: expect.stringContaining('right gap'),
    })
  })
  test('what can be is taken without a word, and so is what is expected', () => {
    for (const reading of [24.8, 25.1, 25.24, 25.36]) expect(doubtReading(squares, reading, say)).toBeNull()
    for (const trial of [squares, strip]) expect(doubtReading(trial, expectedReading(trial), say)).toBeNull()
  })
})

describe('squares read one way only', () => {
  const readings = [24.84, 24.86, 24.85, 24.85, 24.84]
  const across: Trial = { ...newTrial('squares'), squares: { side: 25, count: 5, ways: 'across' } }
  test('are asked for one way, and count in full', () => {
    expect(readingPrompts(across).map(({ text }) => text)).toEqual(
      [1, 2, 3, 4, 5].map((i) => `square ${i}, across`),
    )
    const kept = readings.flatMap((reading) => [reading, null])
    const { kerf, squares } = trialResult({ ...across, readings: kept }, thickness, unknown, UNSAID)
    expect(squares?.n).toBe(5)
    expect(kerf).toMatchObject({ ky: null, width: expect.closeTo(0.152, 9) })
  })
})

describe('a gauge or comb that ends before the answer does', () => {
  const gauge = newTrial('slots')
  const comb = newTrial('comb')
  const answer = (trial: Trial) => trialResult(trial, thickness, unknown, UNSAID)
  test('says so, and offers one that is shifted to where the answer is', () => {
    expect(answer({ ...gauge, best: 0 })).toMatchObject({ beyond: 'up', kerf: { oneSided: 'at least' } })
    expect(answer({ ...gauge, best: 'none' })).toMatchObject({
      beyond: 'down',
      kerf: { oneSided: 'at most' },
    })
    expect(answer({ ...gauge, best: 5 })).toMatchObject({ beyond: null })
    expect(answer({ ...comb, best: 7 })).toMatchObject({ beyond: 'up', comb: { oneSided: 'at least' } })
    expect(answer({ ...comb, best: 0 }).beyond).toBe('down')
  })
  test('the shifted one takes in the last answer and goes on from there', () => {
    const up = shiftedPiece({ ...comb, best: 7 }, 'up', 3)!
    expect([up.comb.from, up.best]).toEqual([0.1, null])
    const narrower = shiftedPiece({ ...gauge, best: 0 }, 'up', 3)!
    expect(slotWidths(narrower, 3).at(-1)).toBeCloseTo(slotWidths(gauge, 3)[1], 9)
    // nothing left to cut
    expect(shiftedPiece({ ...gauge, slots: { ...gauge.slots, shift: -2.4 } }, 'up', 3)).toBeNull()
  })
})

describe('what a test piece was made and read with stays with it', () => {
  const later = thicknessOf({
    nominal: 3,
    readings: [3.2, 3.3].map((value) => ({ value, spot: '', on: '' })),
  })
  test('later readings of the stock do not move a gauge that was read', () => {
    const read = fixGauge({ ...newTrial('slots'), best: 5, readings: [3.04] }, thickness)
    const kerf = (at: typeof thickness) => trialResult(read, at, unknown, UNSAID).kerf
    expect(kerf(later)).toEqual(kerf(thickness))
    expect(
      trialResult({ ...newTrial('slots'), best: 5, readings: [3.04] }, later, unknown, UNSAID).kerf?.width,
    ).not.toBe(kerf(thickness)?.width)
    expect(makeTestPiece(read, later).paths).toEqual(makeTestPiece(read, thickness).paths)
  })
  test('another piece, or a new measurement, begins anew', () => {
    const read: Trial = {
      ...fixGauge(newTrial('slots'), thickness),
      best: 5,
      readings: [3.04],
      keptAs: 'record',
    }
    expect(reshaped(read, 'slots', { count: 15 })).toMatchObject({
      best: null,
      keptAs: null,
      readings: [],
      slots: { count: 15, made: null },
    })
    expect(startAnew(read)).toMatchObject({ best: null, keptAs: null, slots: { made: null } })
  })
  test('squares are cut as they lie in the drawing: across is across the sheet', () => {
    const wide = { ...newTrial('squares'), offcut: { width: 60, height: 200 } }
    for (const path of makeTestPiece(wide, thickness).paths.filter(
      ({ operation }) => operation === 'score',
    )) {
      expect(path.points.length).toBeGreaterThan(1)
    }
    const labels = makeTestPiece(wide, thickness).paths.filter(
      ({ operation, part }) => operation === 'score' && part === 'square-1',
    )
    const xs = labels.flatMap(({ points }) => points.map(({ x }) => x))
    const ys = labels.flatMap(({ points }) => points.map(({ y }) => y))
    // the figure 1 stands upright
    expect(Math.max(...ys) - Math.min(...ys)).toBeGreaterThan(Math.max(...xs) - Math.min(...xs))
  })
})
