import { describe, expect, test } from '@jest/globals'
import { demo, type DemoName } from '../../scripts/testing/demo'
import { deriveAll } from '../derive'
import { bounds, type Point } from '../geometry'
import type { Job } from '../job'
import { lengthOf } from '../geometry'
import { rectangularOffcut, type Offcut } from '../stock'
import { recordOf, recutOf, type CutRecord } from './index'

const written = (job: Job): CutRecord => {
  const { job: laid, derived, parts } = deriveAll(job)
  return recordOf(laid, derived.plan!, parts, '2026-10-04T10:00:00.000Z')
}
const none = (): Offcut[] => []
function cutAgain(record: CutRecord, parts: string[], offcuts: (id: string) => Offcut[] | null = none) {
  const made = recutOf(record, parts, offcuts)
  if (!made.ok) throw new Error(made.error)
  return made.recut
}

/** Lines of a part in a file: what they do, how long they are, and how they turn from point to point. */
function linesOf(
  paths: { part: string; operation: string; closed: boolean; points: Point[] }[],
  part: string,
) {
  return paths
    .filter((path) => path.part === part)
    .map(({ operation, closed, points }) => {
      const { minX, minY, maxX, maxY } = bounds(points)
      const sides = [maxX - minX, maxY - minY].sort((a, b) => a - b)
      return [operation, points.length, lengthOf(points, closed), ...sides]
    })
    .sort((a, b) => String(a[0]).localeCompare(String(b[0])) || Number(a[2]) - Number(b[2]))
}
const pointsOf = ({ loads }: CutRecord) =>
  loads.flatMap(({ paths }) =>
    paths.map(({ at, ...path }) => ({
      ...path,
      points: at.flatMap((x, i) => (i % 2 === 0 ? [{ x, y: at[i + 1] }] : [])),
    })),
  )

describe.each<DemoName>(['specimen-tray', 'crate', 'logger-case'])('parts of the %s', (name) => {
  const record = written(demo(name))
  test('are cut again line for line as they were, and nothing else', () => {
    for (const { id } of record.parts.slice(0, 6)) {
      const { plan, mark } = cutAgain(record, [id])
      const paths = plan.loads.flatMap((load) => load.paths)
      expect([...new Set(paths.map(({ part }) => part))]).toEqual([id])
      const [now, before] = [linesOf(paths, id), linesOf(pointsOf(record), id)]
      expect(now).toHaveLength(before.length)
      for (const [i, [what, count, ...figures]] of now.entries()) {
        expect([what, count]).toEqual(before[i].slice(0, 2))
        for (const [k, figure] of figures.entries()) expect(figure).toBeCloseTo(Number(before[i][k + 2]), 2)
      }
      expect([mark, plan.violations]).toEqual([record.mark, []])
    }
  })
})

describe('where it is cut', () => {
  const record = written(demo('specimen-tray'))
  const stock = record.laid.measure.stock!
  const pieces =
    (...sizes: [string, number, number][]) =>
    (id: string) =>
      id === stock.id ? sizes.map(([name, w, h]) => rectangularOffcut(name, w, h, '')) : null
  const left = record.parts.find(({ label }) => /left/i.test(label))!.id
  test('on the smallest piece that takes it, of those that lie there now', () => {
    const at = pieces(['large', 400, 300], ['small', 200, 90], ['tiny', 60, 40])
    expect(cutAgain(record, [left], at).plan.loads.map(({ offcut }) => offcut)).toEqual(['small'])
    expect(cutAgain(record, [left], none).plan.loads.map(({ offcut }) => offcut)).toEqual([null])
  })
  test('in one sentence where nothing takes it, or it is of another cut', () => {
    const narrow = { ...record.laid.measure, stock: { ...stock, sheetWidth: 40, sheetHeight: 40 } }
    const made = recutOf({ ...record, laid: { ...record.laid, measure: narrow } }, [left], none)
    expect(made).toMatchObject({ ok: false, error: expect.stringContaining('No piece of the stock takes') })
    expect(recutOf(record, ['nothing-1'], none)).toMatchObject({ ok: false })
  })
  test('with whole outlines, also where a side was cut once for two', () => {
    const shared = written({
      ...demo('specimen-tray'),
      layout: {
        arrangement: null,
        settings: { ...record.laid.layout.settings, shareEdges: true },
      },
    })
    const beside = shared.loads.flatMap(({ paths }) => paths).filter((path) => path.beside !== undefined)
    expect(beside.length).toBeGreaterThan(0)
    const { plan } = cutAgain(shared, [beside[0].part])
    const outlines = plan.loads
      .flatMap(({ paths }) => paths)
      .filter(({ operation }) => operation === 'outline')
    expect(outlines.map(({ closed }) => closed)).toEqual([true])
  })
})
