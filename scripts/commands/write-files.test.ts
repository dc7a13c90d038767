import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { writeAll } from './write-files'

let folder = ''
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'uplands-write-'))
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

test('files get their names once the last is written, in a folder that is made for them', () => {
  const out = join(folder, 'deep', 'down')
  const files = ['a.svg', 'b.svg'].map((name) => ({ name, content: name }))
  expect(writeAll(out, files)).toEqual({ ok: true })
  expect(readdirSync(out).sort()).toEqual(['a.svg', 'b.svg'])
  expect(readFileSync(join(out, 'b.svg'), 'utf8')).toBe('b.svg')
})
test('where the last cannot be written none is, and what was there stays', () => {
  const out = join(folder, 'half')
  mkdirSync(join(out, 'c.svg'), { recursive: true })
  writeFileSync(join(out, 'a.svg'), 'before')
  const files = ['a.svg', 'b.svg', 'c.svg'].map((name) => ({ name, content: name }))
  expect(writeAll(out, files)).toEqual({ ok: false, why: expect.stringContaining('c.svg is a folder') })
  expect(readdirSync(out).sort()).toEqual(['a.svg', 'c.svg'])
  expect(readFileSync(join(out, 'a.svg'), 'utf8')).toBe('before')
})
test('a place that is no folder, or where none can be made, is told of at once', () => {
  const file = join(folder, 'file')
  writeFileSync(file, 'x')
  expect(writeAll(join(file, 'x'), [])).toEqual({ ok: false, why: expect.stringContaining('is no folder') })
  expect(writeAll('/proc/uplands/x', [{ name: 'a', content: '' }])).toMatchObject({ ok: false })
})
