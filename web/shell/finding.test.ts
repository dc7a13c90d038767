import { describe, expect, test } from '@jest/globals'
import { readdirSync, readFileSync } from 'node:fs'
import { GLOSSARY } from '@core/say'
import { findBy } from '@web/parts/find-by'
import { thingOfField } from '@web/parts/thing-of-field'
import { FIELDS } from './fields'

const root = new URL('../', import.meta.url)
const screens = (folder: string): string =>
  readdirSync(new URL(folder, root), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.vue'))
    .map((name) => readFileSync(new URL(`${folder}/${name}`, root), 'utf8'))
    .join('\n')

describe('Find', () => {
  const first = (typed: string): string | undefined => findBy(FIELDS, typed, 5)[0]?.label
  test.each([
    ['rapid move', 'Travel speed'],
    ['calipers', 'Thickness readings'],
    ['acceleraton', 'Acceleration'], // a slip of the keys
    ['delivery lot', 'Batch'],
    ['remark', 'Note of a revision'],
    // The words that makers begin with.
    ['bowl', 'Begin with a kind'],
    ['organiser', 'Columns of cells'],
    ['hinge', 'Pins, diameter'],
    ['pull it out', 'To pull it out'],
    ['rebate', 'Rebate, depth into the walls'],
    ['press fit', 'Wanted fit'],
  ])('“%s” leads to %s', (typed, label) => {
    expect(first(typed)).toBe(label)
  })
  test('without words it shows the first ones', () => expect(findBy(FIELDS, ' ', 3)).toHaveLength(3))
})

test('every field of the stations can be found, and each entry is a field that is there', () => {
  const sources = screens('stations') + screens('parts')
  const written = new Set([...sources.matchAll(/(?<!:)data-field="([\w-]+)"/g)].map(([, id]) => id))
  const ids = new Set(FIELDS.map(({ id }) => id))
  expect(FIELDS).toHaveLength(ids.size)
  expect([...written].filter((id) => !ids.has(id))).toEqual([])
  const making = sources.match(/:data-field="/g)?.length ?? 0
  expect(FIELDS.filter(({ id }) => !written.has(id)).length > 0).toBe(making > 0)
})
test('each term that a field names is in the glossary', () => {
  expect(FIELDS.flatMap(({ term }) => term ?? []).filter((term) => !(term in GLOSSARY))).toEqual([])
})
test('all fields of Shape belong to something, but those of the box itself', () => {
  const free = FIELDS.filter(({ id, station }) => station === 'shape' && thingOfField(id) === null)
  expect(free.map(({ id }) => id).sort()).toEqual([
    ...['copies', 'depth', 'edge-joint', 'height', 'sizes-are', 'together', 'width'],
  ])
})
