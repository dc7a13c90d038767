import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { deriveBox, deriveFit } from '../derive'
import { IN_METRIC, sayIn } from '../length'
import type { Job } from '../job'
import { whyItWillNotGo } from './index'

const tray = demo('specimen-tray')
function titles(change: Partial<Job> = {}, say = IN_METRIC): string[] {
  const job = { ...tray, ...change }
  const box = deriveBox(job)
  return whyItWillNotGo({ box, fit: deriveFit(job, box, {}) }, say).map(
    ({ title, how }) => `${title}. ${how}`,
  )
}

test('what costs nothing comes first, cutting again last', () => {
  const all = titles()
  expect(all[0]).toContain('the right way round')
  expect(all[1]).toContain('Soot')
  expect(all.at(-1)).toContain('cut it again')
})
test('a fit that was asked tight says so with its odds, an easy one does not', () => {
  const tight = titles({ interference: 0.05 }).find((each) => each.startsWith('Tight'))!
  expect(tight).toMatch(/Tight as it was made: \d+ % are pressed or worse\. A boundary has −0\.\d{3} mm/)
  expect(titles({ interference: -0.08 }).some((each) => each.startsWith('Tight'))).toBe(false)
})
test('of kerf and sheet the one comes first that is less sure; figures in the unit that is asked for', () => {
  const order = (all: string[]): string[] =>
    all.flatMap((each) => (/The kerf was/.test(each) ? ['kerf'] : /thicker here/.test(each) ? ['sheet'] : []))
  const { stock } = tray.measure
  const rough = stock!.readings.map((each, i) => ({
    ...each,
    value: each.value + (i % 2 === 0 ? 0.25 : -0.25),
  }))
  const uneven = { ...tray.measure, stock: { ...stock!, readings: rough } }
  expect(order(titles({ measure: uneven }))).toEqual(['sheet', 'kerf'])
  const typed = { ...tray.measure, kerf: { ...tray.measure.kerf!, method: 'guess' as const, doubt: 0.2 } }
  expect(order(titles({ measure: typed }))[0]).toBe('kerf')
  const inches = titles({}, sayIn({ length: 'in', fractions: false, speed: 'in/min' }))
  expect(inches.find((each) => each.includes('kerf was smaller'))).toMatch(/0\.\d{4} in/)
})
