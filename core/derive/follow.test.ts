import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import type { Follow, Job, Thing } from '../job'
import { settleFigures } from './follow'
import { deriveBox, namesFor, slugOf } from './index'

const base = demo('plain-tray')
const lid: Thing = { id: 'b', name: 'Slip case', copies: 1, box: { ...base.box, sizesAre: 'inner' } }
const follow = (text: string, more: Partial<Follow> = {}): Follow => ({
  thing: 'b',
  field: 'width',
  text,
  unit: 'mm',
  ...more,
})
const job = (follows: Follow[], figures: Job['figures'] = []): Job => ({
  ...base,
  thing: { id: 'a', name: 'tray' },
  also: [lid],
  follows,
  figures,
})
const settled = (of: Job): Job => {
  const result = settleFigures(of)
  if (!result.ok) throw new Error(result.error)
  return result.job
}
const refused = (of: Job): string => {
  const result = settleFigures(of)
  if (result.ok) throw new Error('it was worked out')
  return result.error
}
const play = { name: 'play', text: '0.4', unit: 'mm' as const }

describe('figures that follow', () => {
  test('a case is as wide inside as its tray is outside, and the play', () => {
    const now = settled(job([follow('tray.width + 2*play')], [play]))
    expect(now.also[0].box.width).toBeCloseTo(240.8, 9)
    const wider = settled({ ...now, box: { ...now.box, width: 300 } })
    expect(wider.also[0].box.width).toBeCloseTo(300.8, 9)
    expect(settled(wider).also).toBe(wider.also) // nothing new: the same boxes
  })
  test('one field follows another of the same thing, through what that one follows', () => {
    const now = settled(
      job([
        follow('depth / 2 − t', { thing: 'a', field: 'height' }),
        follow('200', { thing: 'a', field: 'depth' }),
      ]),
    )
    expect(now.box.height).toBeCloseTo(100 - deriveBox(base).thickness.mean, 3)
  })
  test('named figures may be sums as well, and bare ones count as when they were typed', () => {
    const grip = { name: 'grip', text: '2*play + 1', unit: 'in' as const }
    expect(settled(job([follow('grip')], [play, grip])).also[0].box.width).toBeCloseTo(25.4 + 0.8, 6)
    expect(settled(job([follow('tray.inner.height')])).also[0].box.width).toBeCloseTo(41.96, 3)
  })
  test('a circle is refused by name', () => {
    const circle = job([follow('tray.width'), follow('slipcase.width', { thing: 'a' })])
    expect(refused(circle)).toContain('slipcase.width → tray.width → slipcase.width')
    expect(refused(job([], [{ ...play, text: 'play + 1' }]))).toContain('play → play')
  })
  test('unknown names and sums that are none are refused in one sentence', () => {
    expect(refused(job([follow('lid.width')]))).toContain('no figure “lid.width”')
    expect(refused(job([follow('tray.width +')]))).toContain('cannot be worked out')
  })
  test('names are told with what they are now', () => {
    expect(slugOf({ id: 'b', name: 'Slip case 2' })).toBe('slipcase2')
    const names = namesFor(job([]))
    expect(names).toContainEqual({ name: 'width', value: 240 })
    expect(names.map(({ name }) => name)).toContain('slipcase.inner.height')
  })
  test('a job in which nothing follows is handed back as it is', () => expect(settled(base)).toBe(base))
})
