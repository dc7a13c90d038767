import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { deriveBox } from '../derive'
import { area } from '../geometry'
import { IN_METRIC as say } from '../length'
import { afterGlue, buildSteps, finishDoubt, finishOf, finishSchema, FINISHES, staysDry } from './index'
import { glueOf } from './glue'
import type { Finish } from './finish'

const boxOf = (name: Parameters<typeof demo>[0]) => {
  const { made, panels } = deriveBox(demo(name))
  return { box: made!, panels: panels! }
}
const after = (name: Parameters<typeof demo>[0], finish: Finish, proud = 0, family = 'plywood') => {
  const { box, panels } = boxOf(name)
  return afterGlue(box, panels, { glue: glueOf('wood glue'), finish, family, proud }, say)
}

test('every kind begins with what its schema allows', () => {
  for (const kind of FINISHES) expect(finishSchema.safeParse(finishOf(kind)).success).toBe(true)
})

describe('a plain tray', () => {
  const VARNISH: Finish = { kind: 'varnish', coats: 3, dry: 4, hard: 72, inside: false }
  test('is ready when the glue, all coats and the last of them have had their time', () => {
    expect(after('plain-tray', VARNISH).hours).toBe(24 + 2 * 4 + 72)
    expect(after('plain-tray', { ...VARNISH, coats: 1 }).hours).toBe(24 + 72)
    expect(after('plain-tray', finishOf('none')).hours).toBe(24)
  })
  test('is coated on the faces that are asked for, at so many grams a square metre', () => {
    const { panels } = boxOf('plain-tray')
    const shell = panels.filter(({ id }) => ['front', 'back', 'left', 'right', 'floor', 'top'].includes(id))
    const sum = (list: typeof panels): number => list.reduce((total, { region }) => total + area(region), 0)
    const outside = after('plain-tray', VARNISH)
    expect(outside.area).toBeCloseTo(sum(shell), 6)
    expect(outside.grams).toBeCloseTo((3 * 90 * sum(shell)) / 1e6, 6)
    const all = after('plain-tray', { ...VARNISH, inside: true })
    expect(all.area).toBeCloseTo(2 * sum(panels), 6)
  })
  test('has nothing to mask; tabs that stand proud are sanded by what they stand out', () => {
    const { box } = boxOf('plain-tray')
    expect(staysDry(box)).toEqual([])
    const titles = after('plain-tray', VARNISH).steps.map(({ title }) => title)
    expect(titles).toEqual(['Let it set', 'Sand', '3 coats of varnish', 'Let it harden'])
    expect(after('plain-tray', VARNISH, 0.5).steps[1].text).toContain('0.5 mm proud')
    expect(after('plain-tray', VARNISH, 0).steps[1].text).not.toContain('proud')
  })
})

test('what slides, bends or turns stays dry, and is taped over before a coat', () => {
  const places = (name: Parameters<typeof demo>[0]) => staysDry(boxOf(name).box).map(({ what }) => what)
  expect(places('logger-case')).toContain('grooves')
  const { steps } = after('logger-case', finishOf('oil'))
  const mask = steps.findIndex(({ title }) => title === 'Mask')
  expect(steps[mask].text).toContain('grooves')
  expect(steps.findIndex(({ title }) => title.includes('coats of oil'))).toBeGreaterThan(mask)
  expect(places('field-book')).toContain('slits')
  expect(after('field-book', finishOf('oil')).steps[1].text).toContain('never across')
})

test('a step names what it meets without glue', () => {
  const { box, panels } = boxOf('logger-case')
  const steps = buildSteps(box, panels)
  if ('locked' in steps) throw new Error('locked')
  const top = steps.find(({ panels: own }) => own.includes('top'))!
  expect(top.dry.length).toBeGreaterThan(0)
  for (const { glue, dry } of steps) {
    const loose = dry.map((each) => each.with)
    for (const { with: mate } of glue) expect(loose).not.toContain(mate)
  }
  // Where the lid runs in the walls: strips inside the box, thinner than a wall and as long as it.
  const { x, y, z } = box.outer
  const thick = panels.find(({ id }) => id === 'left')!.thickness
  for (const { zone } of top.dry) {
    const { min, max } = zone
    expect(Math.min(min.x, min.y, min.z)).toBeGreaterThan(-1e-6)
    expect(Math.max(max.x - x, max.y - y, max.z - z)).toBeLessThan(1e-6)
    const sides = [max.x - min.x, max.y - min.y, max.z - min.z].sort((a, b) => a - b)
    expect(sides[0]).toBeLessThan(thick)
    expect(sides[2]).toBeGreaterThan(10 * thick)
  }
})

test('acrylic is neither sanded nor coated, and says so', () => {
  expect(finishDoubt(finishOf('varnish'), 'acrylic')).toContain('no finish')
  expect(finishDoubt(finishOf('varnish'), 'plywood')).toBeNull()
  expect(after('plain-tray', finishOf('none'), 0, 'acrylic').steps[1].text).toContain('not sanded')
})
