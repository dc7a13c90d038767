import { describe, expect, test } from '@jest/globals'
import Papa from 'papaparse'
import { demo } from '../../scripts/testing/demo'
import { bounds } from '../geometry'
import { jobSchema, thingsOf, type Job } from '../job'
import { IN_METRIC as say } from '../length'
import { deriveThings } from './things'
import { readVariants, variantColumns, variantExample, type Variant } from './variant-table'
import { variantSteps, type MadeVariants } from './variants'

const ABOUT = { id: 'made', name: 'From a table', changed: '2026-11-30T09:00:00.000Z' }
const place = {
  panel: 'front' as const,
  side: 'outside' as const,
  from: '',
  anchor: 'centre' as const,
  point: 'centre' as const,
  over: false,
  right: 0,
  up: 0,
  turn: 0,
  mirrored: false,
}
const words = (text: string): Job['box']['engravings'][number] => ({
  ...place,
  motif: { kind: 'text', text, height: 6, letters: 'single lines' },
  how: { kind: 'score' },
})
const plain = (): Job => ({ ...demo('plain-tray'), figures: [], follows: [] })
const named = (): Job => ({ ...plain(), box: { ...plain().box, engravings: [words('NAME')] } })

const read = (text: string, job = named()): Extract<ReturnType<typeof readVariants>, { ok: true }> => {
  const found = readVariants(text, job, 'mm')
  if (!found.ok) throw new Error(found.error)
  return found
}
function made(variants: Variant[], job = named()): MadeVariants {
  const steps = variantSteps(job, variants, ABOUT, say)
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value
}

describe('a table of boxes', () => {
  test('has the columns that the pattern asks for, and an example that reads back as it is', () => {
    expect(variantColumns(named())).toEqual(['name', 'copies', 'width', 'depth', 'height', 'text'])
    const { width, depth, height } = named().box
    for (const unit of ['mm', 'in'] as const) {
      const { variants, refused } = read(variantExample(named(), unit))
      expect(refused).toEqual([])
      expect(variants).toHaveLength(1)
      const [{ answers, texts, copies }] = variants
      expect([copies, texts]).toEqual([1, { 1: 'NAME' }])
      expect(answers.width).toBeCloseTo(width, 2)
      expect([answers.depth, answers.height].map(Math.round)).toEqual([depth, height].map(Math.round))
    }
  })
  test('takes units in heads and cells, commas and semicolons, quotes, and empty cells as they are', () => {
    const { variants } = read(
      'Name;Width in;Depth (mm);Text\r\n"Ling; tall";4 1/2;80;"A ""B"""\r\nRush;;3.5 in;\r\n\r\n',
    )
    expect(variants).toEqual([
      {
        row: 2,
        name: 'Ling; tall',
        copies: 1,
        answers: { width: 114.3, depth: 80 },
        texts: { 1: 'A "B"' },
      },
      { row: 3, name: 'Rush', copies: 1, answers: { depth: 88.9 }, texts: {} },
    ])
  })
  test.each([
    ['', 'is empty'],
    ['name,colour\nLing,red', '“colour” is not a column here. Columns can be: name, copies, width'],
    ['name,width,WIDTH mm\nLing,3,4', 'there twice'],
    ['name,width', 'no row below its head'],
    [`name\n${'Ling\n'.repeat(201)}`, '201 rows; 200 are the most'],
    [`name\n${'x'.repeat(200_001)}`, 'more than 200000 characters'],
  ])('%j is refused whole', (text, why) => {
    expect(readVariants(text, named(), 'mm')).toEqual({ ok: false, error: expect.stringContaining(why) })
  })
  test('rows that cannot be read are named, each with its reason; the others come', () => {
    const { variants, refused } = read(
      `name,copies,width,text\nLing,2,100,a\nRush,none,100,b\nSedge,1,wide,c\n${'m'.repeat(41)},1,90,d\n` +
        `Moss,101,90,e\nFern,1,95,${'f'.repeat(121)}`,
    )
    expect(variants.map(({ name }) => name)).toEqual(['Ling'])
    expect(refused).toEqual([
      { row: 3, why: '“none” is not a number of copies from 1 to 100' },
      { row: 4, why: '“wide” is not a length for width' },
      { row: 5, why: 'its name is longer than 40 letters' },
      { row: 6, why: '“101” is not a number of copies from 1 to 100' },
      { row: 7, why: 'its text is longer than 120 letters' },
    ])
  })
})

describe('the job that is made of it', () => {
  test('has a box for every row: its own size, copies, name and words, and all else as the pattern', () => {
    const rows = 'name,copies,width,text\nLing,2,100,LING\nRush,1,140,\n'
    const { job, refused } = made(read(rows).variants)
    expect(refused).toEqual([])
    expect(jobSchema.safeParse(job).success).toBe(true)
    const things = thingsOf(job!)
    expect(things.map(({ id, name, copies }) => [id, name, copies])).toEqual([
      ['a', 'Ling', 2],
      ['b', 'Rush', 1],
    ])
    const { box } = named()
    expect(things[0].box).toEqual({ ...box, width: 100, engravings: [words('LING')] })
    expect(things[1].box).toEqual({ ...box, width: 140 })
    // Cut to that width: the front’s own outline.
    const widths = deriveThings(job!).map(({ box: { panels } }) => {
      const { minX, maxX } = bounds(panels!.find(({ id }) => id === 'front')!.region.outline)
      return maxX - minX
    })
    expect(widths[1] - widths[0]).toBeCloseTo(40, 6)
    expect(job).toMatchObject({ ...ABOUT, log: [], whole: null, template: false })
  })
  test('follows named figures; the sums themselves stay with the pattern', () => {
    const figured: Job = {
      ...named(),
      figures: [{ name: 'vial', text: '20', unit: 'mm' }],
      follows: [{ thing: 'a', field: 'width', text: '5 * vial', unit: 'mm' }],
    }
    expect(variantColumns(figured)).toEqual(['name', 'copies', 'vial', 'text'])
    const { job } = made(read('name,vial\nSmall,16\nLarge,28', figured).variants, figured)
    expect(thingsOf(job!).map(({ box }) => box.width)).toEqual([80, 140])
    expect([job!.figures, job!.follows]).toEqual([[], []])
  })
  test('a row whose box cannot be made is named with the reason of Shape, and left out', () => {
    const { job, refused } = made(read('name,width\nLing,100\nThin,4\nHuge,99999').variants)
    expect(thingsOf(job!).map(({ name }) => name)).toEqual(['Ling'])
    expect(refused.map(({ row }) => row)).toEqual([3, 4])
    for (const { why } of refused) expect(why).toMatch(/\.$/)
    expect(made(read('name,width\nThin,4').variants).job).toBeNull()
  })
  test('two hundred rows make two hundred boxes; more parts than a layout holds are left out', () => {
    const rows = Array.from({ length: 200 }, (_, i) => [`Box ${i + 1}`, 60 + i / 2, `N${i + 1}`])
    const text = Papa.unparse([['name', 'width', 'text'], ...rows])
    const { job, refused } = made(read(text).variants)
    expect(refused).toEqual([])
    const things = thingsOf(job!)
    expect(new Set(things.map(({ id }) => id)).size).toBe(200)
    expect(things.map(({ name, box }) => [name, box.width])).toEqual(
      rows.map(([name, width]) => [name, width]),
    )
    expect(jobSchema.safeParse(job).success).toBe(true)
    const many = read('name,copies,width\nA,100,100\nB,100,100\nC,100,100\nD,100,100\nE,1,100').variants
    const full = made(many)
    expect(full.refused).toEqual([{ row: 6, why: expect.stringContaining('2000 parts') }])
  })
  test('a case and its tray come together, once for every row', () => {
    const set: Job = { ...plain(), also: [{ id: 'b', name: 'tray', copies: 2, box: plain().box }] }
    const { job } = made(read('name,copies,width\nLing,3,110', set).variants, set)
    expect(thingsOf(job!).map(({ name, copies }) => [name, copies])).toEqual([
      [`Ling: ${plain().thing.name}`, 3],
      ['Ling: tray', 6],
    ])
  })
})
