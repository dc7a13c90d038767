import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { thingsOf } from '../core/job'
import { readJob } from '../core/keep'

const root = fileURLToPath(new URL('..', import.meta.url))
let folder = ''
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'uplands-'))
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

function uplands(...args: string[]): { status: number | null; said: string; out: string } {
  const { status, stderr, stdout } = spawnSync(process.execPath, ['scripts/uplands.mjs', ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, NODE_OPTIONS: '' },
  })
  return { status, said: stderr.trim(), out: stdout.trim() }
}

/** A file's name without the mark of its cut. */
const unmarked = (name: string): string => name.replace(/-[2-9A-Z]{5}-/, '-')

const FLOORS = ['fingers', 'butt', 'outside', 'tenon', 'groove', 'ledge', 'none']

describe('the command line', () => {
  test('writes SVG, DXF and JSON of a job and names them', () => {
    const { status, out } = uplands(
      'export',
      'demo/specimen-tray.json',
      '--out',
      join(folder, 'good'),
      '--format',
      'svg,dxf,json',
    )
    expect(status).toBe(0)
    expect(readdirSync(join(folder, 'good')).map(unmarked).sort()).toEqual([
      'specimen-tray-moss-survey-panels.json',
      'specimen-tray-moss-survey-sheet-1.dxf',
      'specimen-tray-moss-survey-sheet-1.svg',
    ])
    expect(out.split('\n')).toHaveLength(3)
  })
  test.each([
    [
      'a job that cannot be made',
      (text: string) => text.replace('"depth": 160', '"depth": 3'),
      'no room inside',
    ],
    ['a broken file', (text: string) => text.slice(0, 900), 'not readable JSON'],
    ['a newer version', (text: string) => text.replace(/"version": \d+/, '"version": 99'), 'newer Uplands'],
  ])('%s: exit 2, one sentence, nothing written', (_, spoil, sentence) => {
    const file = join(folder, 'bad.json')
    const out = join(folder, 'bad')
    writeFileSync(file, spoil(readFileSync(join(root, 'demo/specimen-tray.json'), 'utf8')))
    const { status, said } = uplands('export', file, '--out', out, '--format', 'svg')
    expect(status).toBe(2)
    expect(said).toContain(sentence)
    expect(said.split('\n')).toHaveLength(1)
    expect(existsSync(out)).toBe(false)
  })
  test('prints its kinds as JSON, makes a job from numbers, and exports that', () => {
    const kinds = JSON.parse(uplands('kinds').out) as { kind: string; numbers: object[] }[]
    const rack = kinds.find(({ kind }) => kind === 'card-rack')!
    expect(rack.numbers).toContainEqual({
      name: 'set-in',
      unit: 'mm',
      least: 2,
      most: 200,
      default: 8,
      meaning: expect.any(String),
    })
    const choices = kinds.find(({ kind }) => kind === 'box')!.numbers
    expect(choices).toContainEqual(
      expect.objectContaining({ name: 'floor', unit: 'choice', choices: FLOORS }),
    )
    const job = join(folder, 'rack.json')
    expect(uplands('make', 'card-rack', 'width=80', '--out', job)).toMatchObject({ status: 0, out: job })
    const out = join(folder, 'rack')
    expect(uplands('export', job, '--out', out, '--format', 'json').status).toBe(0)
    const [file] = readdirSync(out)
    const written = JSON.parse(readFileSync(join(out, file), 'utf8')) as {
      joints: { kind: string }[]
      panels: { group: string; stock: string; joints: string[]; features: object[] }[]
    }
    expect(written.joints.map(({ kind }) => kind)).toEqual(Array(4).fill('lap'))
    for (const panel of written.panels) {
      expect(panel).toMatchObject({ group: 'walls', stock: 'Sheet 1.5', features: [] })
      expect(panel.joints).toHaveLength(2)
    }
    expect(uplands('make', 'card-rack', 'width=1', '--out', job)).toMatchObject({ status: 2 })
    expect(uplands('make', 'card-rack', 'wide', '--out', job).said).toContain('no name=value')
  })
  test('an unknown format, a missing file and a missing folder are refused', () => {
    expect(uplands('export', 'demo/specimen-tray.json', '--out', folder, '--format', 'bmp')).toMatchObject({
      status: 2,
      said: expect.stringContaining('“bmp”'),
    })
    expect(uplands('export', 'demo/none.json', '--out', folder)).toMatchObject({
      status: 2,
      said: expect.stringContaining('no file'),
    })
    expect(uplands('export', 'demo/specimen-tray.json')).toMatchObject({
      status: 2,
      said: expect.stringContaining('Usage'),
    })
  })
  test('prices one box and ten by their own layouts: ten are cheaper each, and lines make the cost', () => {
    const out = join(folder, 'price.json')
    expect(uplands('price', 'demo/specimen-tray.json', '--out', out, '--boxes', '10,1').status).toBe(0)
    interface Count {
      boxes: number
      each: number
      price: number
      cost: number
      sheets: number
      lines: { amount: number; share: number }[]
    }
    const { currency, counts } = JSON.parse(readFileSync(out, 'utf8')) as {
      currency: string
      counts: Count[]
    }
    expect(currency).toBe('€')
    expect(counts.map(({ boxes }) => boxes)).toEqual([1, 10])
    expect(counts[1].each).toBeLessThan(counts[0].each)
    expect(counts[1].sheets).toBeGreaterThan(counts[0].sheets)
    for (const { boxes, each, price, cost, lines } of counts) {
      expect(each * boxes).toBeCloseTo(price, 9)
      expect(lines.reduce((sum, { amount }) => sum + amount, 0)).toBeCloseTo(cost, 9)
    }
    const bad = uplands('price', 'demo/specimen-tray.json', '--out', out, '--boxes', '1,none')
    expect(bad.status).toBe(2)
    expect(bad.said).toMatch(/^--boxes is counts from 1 to 10000 such as 1,10,100\. Usage: /)
  })
  test('makes a box for every row of a table, and names the rows that make none', () => {
    const [table, out] = [join(folder, 'rows.csv'), join(folder, 'table.json')]
    writeFileSync(table, 'name,width,depth\nLing,200,150\nRush,wide,150\nSedge,4,150\nMoss,9 in,120\n')
    const made = uplands('table', 'demo/specimen-tray.json', table, '--out', out)
    expect(made.status).toBe(0)
    expect(made.said.split('\n').filter((line) => line.startsWith('Row'))).toEqual([
      'Row 3 makes no box: “wide” is not a length for width',
      expect.stringMatching(/^Row 4 makes no box: .+\.$/),
    ])
    const read = readJob(readFileSync(out, 'utf8'))
    const things = read.ok ? thingsOf(read.job) : []
    expect(things.map(({ name, box }) => [name, box.width])).toEqual([
      ['Ling', 200],
      ['Moss', 228.6],
    ])
    writeFileSync(table, 'name,colour\nLing,red\n')
    const bad = uplands('table', 'demo/specimen-tray.json', table, '--out', out)
    expect([bad.status, bad.said]).toEqual([2, expect.stringMatching(/^“colour” is not a column here\. /)])
  })
  test('layout: a task is laid out by itself; a wrong one is refused in one sentence', () => {
    const folder = mkdtempSync(join(tmpdir(), 'uplands-layout-'))
    const [task, out] = ['task.json', 'layout.json'].map((name) => join(folder, name))
    const outline = [
      [0, 0],
      [60, 0],
      [60, 40],
      [0, 40],
    ]
    const sheets = [{ id: 's', width: 140, height: 100, count: 3 }]
    writeFileSync(task, JSON.stringify({ gap: 2, parts: [{ id: 'a', outline, count: 4 }], sheets }))
    expect(uplands('layout', task, '--out', out, '--seconds', '1', '--seed', '3').status).toBe(0)
    const layout = JSON.parse(readFileSync(out, 'utf8')) as Record<string, unknown>
    expect(layout).toMatchObject({ sheetsUsed: 1, bound: 1, proven: true, unplaced: [] })
    expect(uplands('layout', task, '--out', out, '--seconds', 'soon').status).toBe(2)
    writeFileSync(task, '{"parts": []')
    const { status, said } = uplands('layout', task, '--out', out)
    expect([status, said.split('\n').length]).toEqual([2, 1])
    expect(said).toContain('not readable JSON')
  })
})
