import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { deriveAll } from '../derive'
import { compareFile, exportJob } from './index'

const { job, derived } = deriveAll(demo('field-book'))
const [load] = derived.plan!.loads
const machine = job.measure.machine!
const made = exportJob(job, ['svg', 'dxf', 'gcode'])
const fileOf = (ending: string): { name: string; content: string } => {
  if (!made.ok) throw new Error(made.error)
  return made.files.find(({ name }) => name.endsWith(ending))!
}
function compared(name: string, content: string) {
  const found = compareFile(name, content, load, machine)
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
    const found = compareFile(
      'a.gcode',
      files.files[0].content,
      all.derived.plan!.loads[0],
      all.job.measure.machine!,
    )
    expect(found).toMatchObject({ ok: true, differences: { missing: [], extra: [] } })
  })
  test('what is no such file is refused in a sentence', () => {
    expect(compareFile('a.gcode', 'G21\nG5 X1', load, machine)).toMatchObject({ ok: false })
    expect(compareFile('a.svg', 'hello', load, machine)).toEqual({
      ok: false,
      error: expect.stringMatching(/\.$/),
    })
  })
})
