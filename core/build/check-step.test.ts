import { expect, test } from '@jest/globals'
import { demo, type DemoName } from '../../scripts/testing/demo'
import { deriveBox } from '../derive'
import { IN_METRIC as say } from '../length'
import { buildSteps, checkOf } from './index'

function checks(name: DemoName, proud: number): Record<string, string> {
  const job = demo(name)
  const { made, panels } = deriveBox({ ...job, box: { ...job.box, proud } })
  const steps = buildSteps(made!, panels!)
  if ('locked' in steps) throw new Error('locked')
  return Object.fromEntries(steps.map((step) => [step.panel, checkOf(step, proud, say)]))
}

test('tab ends stand out by the proud length, or are flush; the first panel closes none', () => {
  const proud = checks('plain-tray', 0.3)
  expect(proud.floor).toBe('')
  expect(proud.right).toContain('stand 0.3 mm proud')
  expect(checks('plain-tray', 0).right).toContain('flush')
})

test('nothing is said of tab ends where a panel slides in, or is laid over others', () => {
  expect(checks('logger-case', 0).top).toBe('')
  const rack = checks('specimen-tray', 0.3)
  for (const [panel, said] of Object.entries(rack)) if (/^(row|column)/.test(panel)) expect(said).toBe('')
})
