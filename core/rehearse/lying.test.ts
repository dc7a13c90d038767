import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { flatten } from '../../scripts/testing/flatten'
import { deriveAll } from '../derive'
import { compareFiles, exportJob, writeAgain } from '../files'
import type { Job } from '../job'
import { rehearse } from './index'

const ruled = (name: Parameters<typeof demo>[0], about: Partial<Job['layout']['settings']>): Job => {
  const job = demo(name)
  const settings = { ...job.layout.settings, grain: 'free', first: 'whole sheets', ...about } as const
  return deriveAll({ ...job, layout: { settings, arrangement: null } }).job
}
function cut(job: Job) {
  const made = rehearse(job, 4, 'mine')
  if (!made.ok) throw new Error(made.error)
  return made.rehearsal
}
const areas = (job: Job): Map<string, number> =>
  new Map(
    cut(job).parts.map(({ id, outline }) => [
      id,
      Math.abs(
        outline.reduce((sum, [x, y], i) => {
          const [nextX, nextY] = outline[(i + 1) % outline.length]
          return sum + (x * nextY - nextX * y) / 2
        }, 0),
      ),
    ]),
  )

describe('however parts lie, they come out as they would by themselves', () => {
  test('edges that are shared: less to cut, every part free and of its size, files read back', () => {
    const [plain, job] = [ruled('crate', {}), ruled('crate', { shareEdges: true })]
    const [before, { derived }] = [deriveAll(plain).derived, deriveAll(job)]
    const paths = derived.plan!.loads.flatMap((load) => load.paths)
    expect(paths.filter(({ beside }) => beside !== undefined).length).toBeGreaterThan(1)
    expect([derived.plan!.violations, derived.plan!.doubled]).toEqual([[], []])
    expect(derived.plan!.total.cutLength).toBeLessThan(before.plan!.total.cutLength - 300)
    const { parts, notFree } = cut(job)
    expect(notFree).toEqual([])
    expect(parts).toHaveLength(cut(plain).parts.length)
    const [own, shared] = [areas(plain), areas(job)]
    for (const [id, size] of shared) expect(Math.abs(size / own.get(id)! - 1)).toBeLessThan(0.01)
    const { machine } = job.measure
    const made = exportJob(job, ['svg', 'dxf', 'gcode'])
    if (!made.ok) throw new Error(made.error)
    for (const ending of ['.svg', '.dxf', '.gcode']) {
      const files = made.files.filter(({ name }) => name.endsWith(ending))
      const texts = files.map(({ name, content }) => ({ name, text: content }))
      const compared = compareFiles(texts, derived.plan!.loads[0], machine!, flatten)
      if (!compared.ok) throw new Error(compared.error)
      expect(compared.differences).toMatchObject({ same: paths.length, missing: [], extra: [] })
    }
  })
  test('an extra pass over a part goes round the one whose edge it shares as well', () => {
    const job = ruled('crate', { shareEdges: true })
    const { derived } = deriveAll(job)
    const [load] = derived.plan!.loads
    const { part, beside } = load.paths.find((path) => path.beside !== undefined)!
    const again = { load, parts: [part], passes: 1, mark: 'ABCDE' }
    const { name, content } = writeAgain(job, derived, derived.plan!, again, 'svg')
    const compared = compareFiles([{ name, text: content }], load, job.measure.machine!, flatten)
    if (!compared.ok) throw new Error(compared.error)
    const missing = compared.differences.missing.filter(({ operation }) => operation === 'outline')
    expect(missing.map((path) => path.part)).not.toContain(part)
    expect(missing.map((path) => path.part)).not.toContain(beside)
    expect(missing).toHaveLength(3)
  })
  test('a part at an odd angle: of the same size on its own axes, and its joints as tight', () => {
    const plain = ruled('specimen-tray', {})
    const { arrangement, settings } = plain.layout
    const turned = arrangement!.placements.map((each) =>
      each.part === 'front-1' ? { ...each, sheet: 1, x: 100, y: 80, turn: 33 } : each,
    )
    const layout = {
      settings: { ...settings, anyAngle: true },
      arrangement: { ...arrangement!, placements: turned },
    }
    const job = { ...plain, layout }
    expect(deriveAll(job).derived.plan!.violations).toEqual([])
    const [before, after] = [cut(plain), cut(job)]
    const readings = (of: typeof before) => of.parts.find(({ id }) => id === 'front-1')!.readings
    expect(readings(after).width).toBeCloseTo(readings(before).width, 0)
    expect(readings(after).height).toBeCloseTo(readings(before).height, 0)
    const gaps = (of: typeof before) =>
      of.joints.filter(({ between }) => between.includes('front')).map(({ gap }) => gap)
    expect(gaps(after)).toHaveLength(gaps(before).length)
    for (const [i, gap] of gaps(after).entries()) expect(Math.abs(gap - gaps(before)[i])).toBeLessThan(0.03)
  })
})
