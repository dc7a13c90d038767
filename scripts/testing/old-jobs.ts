import { expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { z } from 'zod'
import { deriveBox } from '../../core/derive'
import { area, lengthOf, ringsOf } from '../../core/geometry'
import { JOB_VERSION, thingsOf, type Job } from '../../core/job'
import { readJobValue, writeJob, readJob } from '../../core/keep'
import { randomFrom } from '../../core/statistics'
import { runs, seedOf } from './runs'

type Values = Record<string, unknown>
/** What of a JSON schema the frozen ones use. */
interface Schema {
  type?: 'object' | 'array' | 'string' | 'boolean' | 'number' | 'integer' | 'null'
  properties?: Record<string, Schema>
  required?: string[]
  items?: Schema
  prefixItems?: Schema[]
  minItems?: number
  anyOf?: Schema[]
  oneOf?: Schema[]
  enum?: unknown[]
  const?: unknown
  minimum?: number
  maximum?: number
  minLength?: number
}

const here = (path: string): string => readFileSync(new URL(`../../core/${path}`, import.meta.url), 'utf8')

/** The schema of a version as it was, written out from the code of its day; it never changes. */
const frozen = (version: number): Schema => JSON.parse(here(`job/versions/schema-${version}.json`)) as Schema

/** A job file of that version. */
export const oldJob = (version: number): Values =>
  JSON.parse(here(`keep/fixtures/job-version-${version}.json`)) as Values

/** Brought up to date; the test fails where it is refused. */
export function migratedJob(old: unknown): Job {
  const read = readJobValue(old)
  if (!read.ok) throw new Error(`${read.error} ${JSON.stringify(old).slice(0, 2000)}`)
  return read.job
}

/** A box as it was, without what became fittings in version 15, and ways of seams in version 19. */
export function unfitted(box: object): object {
  const CHANGED = ['top', 'lid', 'fittings', 'seams']
  return Object.fromEntries(Object.entries(box).filter(([key]) => !CHANGED.includes(key)))
}

/** A job with other values at some places, each a path with dots. */
function withValues(job: Values, values: Values): Values {
  const changed = structuredClone(job)
  for (const [path, value] of Object.entries(values)) {
    const keys = path.split('.')
    const last = keys.pop()!
    const at = keys.reduce((inside, key) => inside[key] as Values, changed)
    at[last] = value
  }
  return changed
}

/** A value that a schema allows; figures are those of small boxes. */
function any(schema: Schema, random: () => number): unknown {
  const pick = <T>(list: T[]): T => list[Math.floor(random() * list.length)]
  const choice = schema.anyOf ?? schema.oneOf
  if (choice) return any(pick(choice), random)
  if (schema.enum) return pick(schema.enum)
  if ('const' in schema) return schema.const
  const { type, properties = {}, required = [], items, prefixItems, minItems = 0 } = schema
  if (type === 'object')
    return Object.fromEntries(
      Object.entries(properties)
        .filter(([key]) => required.includes(key) || random() < 0.5)
        .map(([key, inside]) => [key, any(inside, random)]),
    )
  if (type === 'array') {
    if (prefixItems) return prefixItems.map((each) => any(each, random))
    return Array.from({ length: Math.max(minItems, Math.floor(random() * 3)) }, () => any(items!, random))
  }
  if (type === 'string') return 'x'.repeat(Math.max(1, schema.minLength ?? 0))
  if (type === 'boolean') return random() < 0.5
  if (type === 'null') return null
  const low = Math.max(schema.minimum ?? 0, -5)
  const value = low + Math.max(0, Math.min(schema.maximum ?? 60, 60) - low) * random()
  return type === 'integer' ? Math.round(value) : Math.round(value * 10) / 10
}

/** Every place of a job that its schema lets be another value. */
function placesIn(schema: Schema, value: unknown, path: string): { path: string; schema: Schema }[] {
  if (schema.type !== 'object' || schema.anyOf || typeof value !== 'object' || value === null)
    return [{ path, schema }]
  return Object.entries(schema.properties ?? {})
    .filter(([key]) => key in value)
    .flatMap(([key, inside]) => placesIn(inside, (value as Values)[key], path ? `${path}.${key}` : key))
}

/** A pattern begins and ends with a tab: that could not be written down in a JSON schema. */
const hasEvenPattern = (job: Values): boolean =>
  [...JSON.stringify(job).matchAll(/"widths":\[([^\]]*)\]/g)].some(
    ([, list]) => list.split(',').length % 2 === 0,
  )

/** One of a kind, and one thing that closes a box: that could not be written down either. */
function hasTwice(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false
  const fittings = (value as Values).fittings
  if (Array.isArray(fittings)) {
    const types = fittings.map(({ type }: { type: string }) => (/^(lid|top)-/.test(type) ? 'lid' : type))
    if (new Set(types).size < types.length) return true
  }
  return Object.values(value).some(hasTwice)
}

/** Panels by what they were worked out from: many cases differ in nothing that a panel knows of. */
const known = new Map<string, string[]>()

/** Panels by name with their area and the length of their outline, as the code of a version wrote them. */
function panelsSaid(job: Job): string[] {
  const figure = (value: number): string => String(Math.round(value * 10) / 10 + 0)
  const { interference, cut, measure } = job
  const { machine, stock, kerf, belief, bed, more } = measure
  const boxes = thingsOf(job).map(({ box }) => box)
  const key = JSON.stringify([machine, stock, kerf, belief, bed, more, interference, cut.compensation, boxes])
  const before = known.get(key)
  if (before) return before
  const said = boxes.flatMap((box) =>
    (deriveBox({ ...job, box }).panels ?? [])
      .map(({ id, region }) => {
        const around = ringsOf(region).reduce((sum, ring) => sum + lengthOf(ring, true), 0)
        return `${id} ${figure(area(region))} ${figure(around)}`
      })
      .sort(),
  )
  known.set(key, said)
  return said
}

/** Same names, and figures that differ by rounding only. */
function expectSame(found: string[], wanted: string[], said: string): void {
  const split = (line: string): [string, number, number] => {
    const [id, ...figures] = line.split(' ')
    return [id, Number(figures[0]), Number(figures[1])]
  }
  expect([found.map((line) => split(line)[0]), said]).toEqual([wanted.map((line) => split(line)[0]), said])
  for (const [i, line] of wanted.entries()) {
    const [[, areaNow, aroundNow], [, areaThen, aroundThen]] = [split(found[i]), split(line)]
    const off = Math.max(Math.abs(areaNow - areaThen) / 100, Math.abs(aroundNow - aroundThen))
    if (off > 0.21) throw new Error(`${found[i]} was ${line} in ${said}`)
  }
}

/** What holds for the jobs of every version. */
export function testVersion(version: number): void {
  const schema = frozen(version)
  const isValid = (job: Values): boolean => z.fromJSONSchema(schema as never).safeParse(job).success

  test('the file that was kept is brought up to date, and is written and read back the same', () => {
    const job = migratedJob(oldJob(version))
    expect([oldJob(version).version, job.version]).toEqual([version, JOB_VERSION])
    expect(readJob(writeJob(job))).toEqual({ ok: true, job, attachments: { records: [], photos: [] } })
  })
  test('the same panels as the code of its day made of them', () => {
    const cases = JSON.parse(here(`job/versions/cases-${version}.json`)) as {
      set: Values
      panels: string[]
    }[]
    expect(cases.length).toBeGreaterThan(20)
    for (const { set, panels } of cases) {
      const old = withValues(oldJob(version), set)
      expect([isValid(old), set]).toEqual([true, set])
      expectSame(panelsSaid(migratedJob(old)), panels, JSON.stringify(set))
    }
  })
  test('whatever its schema allowed can be read', () => {
    const random = randomFrom(seedOf(20261128 + version))
    const places = placesIn(schema, oldJob(version), '').filter(
      ({ path }) => !/^(format|version)$/.test(path),
    )
    const parse = z.fromJSONSchema(schema as never)
    let read = 0
    for (let i = 0; i < 4 * runs(400); i++) {
      const chosen = Array.from({ length: 1 + Math.floor(random() * 4) }, () => {
        const { path, schema: own } = places[Math.floor(random() * places.length)]
        return [path, any(own, random)]
      })
      const old = withValues(oldJob(version), Object.fromEntries(chosen) as Values)
      if (!parse.safeParse(old).success || hasEvenPattern(old) || hasTwice(old)) continue
      expect(migratedJob(old).version).toBe(JOB_VERSION)
      read++
    }
    expect(read).toBeGreaterThan(runs(400))
  })
}
