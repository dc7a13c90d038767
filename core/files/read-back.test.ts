import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { flatten } from '../../scripts/testing/flatten'
import { deriveAll, type LoadPlan } from '../derive'
import { writeCode } from '../gcode'
import { bounds, type Point } from '../geometry'
import { ORDINARY_CODE } from '../machine'
import type { CutPath } from '../plan'
import { compareFiles, exportJob, writeAgain } from './index'

const { job, derived } = deriveAll(demo('field-book'))
const [load] = derived.plan!.loads
const machine = job.measure.machine!
const made = exportJob(job, ['svg', 'dxf', 'gcode'])
const fileOf = (ending: string): { name: string; content: string } => {
  if (!made.ok) throw new Error(made.error)
  return made.files.find(({ name }) => name.endsWith(ending))!
}
function compared(name: string, content: string) {
  const found = compareFiles([{ name, text: content }], load, machine, flatten)
  if (!found.ok) throw new Error(found.error)
  return found.differences
}

describe('a written file held against the plan', () => {
  test.each(['.svg', '.dxf', '.gcode'])('%s: every line is there, and no other', (ending) => {
    const { name, content } = fileOf(ending)
    expect(compared(name, content)).toEqual({ same: load.paths.length, missing: [], extra: [] })
  })
  test('a line taken out is missing, one put in is told of, one moved is both', () => {
    const { name, content } = fileOf('.svg')
    const lines = content.split('\n')
    const at = lines.findIndex((line) => line.includes('data-part="front-1"') && line.includes('Z'))
    const less = lines.filter((_, i) => i !== at).join('\n')
    expect(compared(name, less)).toMatchObject({ same: load.paths.length - 1, extra: [] })
    expect(compared(name, less).missing[0].part).toBe('front-1')
    const more = content.replace('</svg>', '<path d="M1 1L9 1L9 9Z"/></svg>')
    expect(compared(name, more)).toMatchObject({ missing: [], extra: [{ closed: true }] })
    const moved = lines.map((line, i) =>
      i === at ? line.replace('<path ', '<path transform="translate(0.1 0)" ') : line,
    )
    expect(compared(name, moved.join('\n'))).toMatchObject({ missing: [{ part: 'front-1' }], extra: [{}] })
  })
  test('every origin corner of a program comes back to the same place', () => {
    const other = {
      ...job,
      measure: { ...job.measure, machine: { ...machine, origin: 'back right' as const } },
    }
    const all = deriveAll(other)
    const files = exportJob(all.job, ['gcode'])
    if (!files.ok) throw new Error(files.error)
    const [{ content }] = files.files
    const [first] = all.derived.plan!.loads
    const found = compareFiles([{ name: 'a.gcode', text: content }], first, all.job.measure.machine!, flatten)
    expect(found).toMatchObject({ ok: true, differences: { missing: [], extra: [] } })
  })
  test.each(['operation', 'part'] as const)('one file for each %s: together they are the plan', (files) => {
    const split = deriveAll({ ...job, cut: { ...job.cut, files, frame: true, look: true } })
    for (const format of ['svg', 'gcode'] as const) {
      const written = exportJob(split.job, [format])
      if (!written.ok) throw new Error(written.error)
      const texts = written.files.map(({ name, content }) => ({ name, text: content }))
      expect(new Set(texts.map(({ name }) => name)).size).toBe(texts.length)
      expect(texts.length).toBeGreaterThan(2)
      const all = compareFiles(texts, load, machine, flatten)
      expect(all).toMatchObject({ ok: true, differences: { missing: [], extra: [] } })
      const less = compareFiles(texts.slice(1), load, machine, flatten)
      expect(less.ok && less.differences.missing.length).toBeGreaterThan(0)
    }
  })
  test('a program goes round what it cuts with the beam off, waits, and waits again at the end', () => {
    const framed = exportJob({ ...job, cut: { ...job.cut, frame: true, look: true } }, ['gcode'])
    if (!framed.ok) throw new Error(framed.error)
    const lines = framed.files[0].content.split('\n')
    const waits = lines.flatMap((line, i) => (line === 'M0' ? [i] : []))
    expect(waits).toHaveLength(2)
    const before = lines.slice(0, waits[0])
    expect(before.filter((line) => line.startsWith('G0'))).toHaveLength(5)
    expect(before.some((line) => /^G1|^M[34]/.test(line))).toBe(false)
    expect(lines[waits[1] + 1]).toBe('G0 X0 Y0')
    // Its corners are those of all that is cut.
    const box = bounds(load.paths.flatMap(({ points }) => points))
    const numbers = before.flatMap((line) => [...line.matchAll(/^G0 X([\d.-]+) Y([\d.-]+)/g)])
    const corners = bounds(numbers.map(([, x, y]) => ({ x: Number(x), y: Number(y) })))
    const right = machine.origin.endsWith('right') ? load.width : 0
    expect(corners.minX + right).toBeCloseTo(box.minX, 3)
    expect(corners.maxY).toBeCloseTo(box.maxY, 3)
  })
  test('an extra pass is the cuts of the chosen parts alone, where they were', () => {
    const again = { load, parts: ['front-1'], passes: 2, mark: 'ABCDE' }
    const { name, content } = writeAgain(job, derived, derived.plan!, again, 'gcode')
    expect(name).toMatch(/sheet-1-again\.gcode$/)
    const wanted = load.paths.filter(
      ({ part, operation }) => part === 'front-1' && (operation === 'inside' || operation === 'outline'),
    )
    const found = compareFiles([{ name, text: content }], { ...load, paths: wanted }, machine, flatten)
    expect(found).toEqual({ ok: true, differences: { same: wanted.length, missing: [], extra: [] } })
    const one = writeAgain(job, derived, derived.plan!, { ...again, passes: 1 }, 'gcode')
    const burning = (text: string): number => text.split('\n').filter((line) => line.startsWith('G1')).length
    expect(burning(content)).toBe(2 * burning(one.content))
  })
  test('what is no such file is refused in a sentence', () => {
    expect(compareFiles([{ name: 'a.gcode', text: 'G21\nG5 X1' }], load, machine, flatten)).toMatchObject({
      ok: false,
    })
    expect(compareFiles([{ name: 'a.svg', text: 'hello' }], load, machine, flatten)).toEqual({
      ok: false,
      error: expect.stringMatching(/\.$/),
    })
  })
})

describe('many lines', () => {
  const at = (x: number, y: number): Point => ({ x, y })
  const row = (i: number, shift: number): CutPath => ({
    operation: 'score',
    part: 'p',
    closed: false,
    points: [
      at(10 + shift, 10 + shift),
      at(20 + (i % 400) * 0.5 + shift, 10 + Math.floor(i / 400) * 0.5 + shift),
    ],
  })
  const load = (paths: CutPath[]) => ({ paths, width: 300, height: 300, aim: [] }) as unknown as LoadPlan
  const spoken = { origin: 'front left' as const, code: ORDINARY_CODE }
  const text = (paths: CutPath[]): string => {
    const setting = { speed: 100, power: 20, passes: 1, air: false }
    const settings = { engrave: setting, pocket: setting, score: setting, inside: setting, outline: setting }
    const about = { title: 't', statement: 's', width: 300, height: 300, settings }
    return writeCode({ ...about, paths, machine: { ...spoken, acceleration: 1000, bedWidth: 400 } })
  }
  test('from one corner, more than a call takes at once: all are found', () => {
    const paths = Array.from({ length: 140_000 }, (_, i) => row(i, 0))
    const found = compareFiles([{ name: 'a.gcode', text: text(paths) }], load(paths), spoken, flatten)
    if (!found.ok) throw new Error(found.error)
    expect([found.differences.same, found.differences.extra.length]).toEqual([140_000, 0])
  })
  test.each([0.01, -0.01])('off by %f at whole millimetres they are the same', (shift) => {
    const found = compareFiles(
      [{ name: 'a.gcode', text: text([row(0, shift)]) }],
      load([row(0, 0)]),
      spoken,
      flatten,
    )
    expect(found).toMatchObject({ ok: true, differences: { same: 1, extra: [] } })
  })
})
