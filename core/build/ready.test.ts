import { expect, test } from '@jest/globals'
import { demo, type DemoName } from '../../scripts/testing/demo'
import { deriveBox } from '../derive'
import { IN_METRIC as say } from '../length'
import { afterGlue, buildSteps, finishOf, glueOf, readyFor, scheduleOf, type Glue } from './index'

function ready(
  name: DemoName,
  glue: Glue = glueOf('wood glue'),
  finish = finishOf('none'),
  family = 'plywood',
) {
  const { made, panels } = deriveBox(demo(name))
  const steps = buildSteps(made!, panels!)
  if ('locked' in steps) throw new Error('locked')
  const { rounds } = scheduleOf(steps, glue)
  const after = afterGlue(made!, panels!, { glue, finish, family, proud: 0 }, say)
  return { list: readyFor(made!, { rounds, glue, finish, after, family }, say), rounds, steps }
}

test('bolts with their sizes, glue by weight, clamps, and paper to sand with', () => {
  const { list } = ready('instrument-case')
  expect(list.slice(0, 2)).toEqual(['4 M3 bolts: 16.0 mm under its head', '4 M3 nuts'])
  expect(list[2]).toMatch(/^\d\.\d to \d\.\d g of wood glue$/)
  expect(list).toContain('sandpaper 120, 180 and 240')
})

test('as many clamps as the round that needs most: they come off before the next', () => {
  const slow = ready('crate')
  expect(slow.rounds).toHaveLength(1)
  expect(slow.list).toContain('4 clamps')
  const quick = ready('crate', { ...glueOf('wood glue'), open: 2.5 })
  expect(quick.rounds.length).toBeGreaterThan(1)
  expect(quick.list).toContain('2 clamps')
})

test('what is brushed on comes with tape where something stays dry; acrylic is not sanded', () => {
  const oiled = ready('logger-case', glueOf('wood glue'), finishOf('oil')).list
  expect(oiled).toContain('masking tape')
  expect(oiled.at(-1)).toMatch(/^\d+ g of oil/)
  expect(ready('plain-tray', glueOf('wood glue'), finishOf('oil')).list).not.toContain('masking tape')
  const clear = ready('plain-tray', glueOf('solvent cement'), finishOf('none'), 'acrylic').list
  expect(clear).toContain('solvent cement')
  expect(clear.join()).not.toContain('sandpaper')
})
