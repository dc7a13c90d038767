import { describe, expect, test } from '@jest/globals'
import { problemSentence } from '../box'
import { closes, defaultFitting, FITTINGS, withFitting } from '../fittings'
import { IN_METRIC } from '../length'
import { demo, type DemoName } from '../../scripts/testing/demo'
import { deriveBox } from './box'
import { panelChanges } from './picture'
import { whyNot } from './why-not'
import { panelsDrawn } from './whole'

const NAMES: DemoName[] = ['plain-tray', 'specimen-tray', 'logger-case', 'card-rack', 'crate', 'bottle-stand']
const addable = FITTINGS.filter(({ type, of }) => of !== 'whole' && !closes(type))

describe('a fitting that a box can have', () => {
  const job = demo('specimen-tray')
  test('is one with which it can be made: on six boxes of the demo, each fitting', () => {
    let refused = 0
    for (const name of NAMES) {
      const own = demo(name)
      for (const { type } of addable.filter(
        (each) => !own.box.fittings.some((has) => has.type === each.type),
      )) {
        const fitting = defaultFitting(type, own.box, 3)
        const box = { ...own.box, fittings: withFitting(own.box.fittings, fitting) }
        const why = whyNot(own, fitting)
        const isMade = deriveBox({ ...own, box }).made !== null
        expect([name, type, why === null]).toEqual([name, type, isMade])
        if (why) refused++
      }
    }
    expect(refused).toBeGreaterThan(2)
  })
  test('is refused in one sentence where dividers are in its way: a lower front', () => {
    const why = whyNot(job, defaultFitting('rim', job.box, 3))
    expect(problemSentence(why!, IN_METRIC)).toMatch(/divider|cells|front/i)
  })
  test('is not refused for what is wrong with the box already', () => {
    const wrong = { ...job, box: { ...job.box, width: 1 } }
    expect(deriveBox(wrong).made).toBeNull()
    expect(whyNot(wrong, defaultFitting('pull', job.box, 3))).toBeNull()
  })
})

test('what a change adds and what it changes is told apart: ledges are added, walls stay as they are', () => {
  const job = demo('plain-tray')
  const panelsOf = (box: typeof job.box) => panelsDrawn(deriveBox({ ...job, box }))!
  const withOwn = (type: (typeof addable)[number]['type']) =>
    panelsOf({ ...job.box, fittings: withFitting(job.box.fittings, defaultFitting(type, job.box, 3)) })
  const before = panelsOf(job.box)
  expect(panelChanges(before, before).size).toBe(0)
  const ledges = panelChanges(before, withOwn('tray-ledge'))
  expect([...ledges.values()]).toEqual(Array(ledges.size).fill('added'))
  expect(ledges.size).toBeGreaterThanOrEqual(2)
  expect([...panelChanges(before, withOwn('pull'))]).toEqual([['front', 'changed']])
})
