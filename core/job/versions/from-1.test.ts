import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { deriveBox } from '../../derive'
import { migrateRecord } from '../migrate'

describe('jobs of version 1', () => {
  testVersion(1)
  test('readings and kerf are all there; grain runs as the layout took it to', () => {
    const { stock, kerf, belief, trials } = migratedJob(oldJob(1)).measure
    expect(stock!.readings.map(({ value }) => value)).toEqual([3.02, 3.06, 3.04, 3.01, 3.08, 3.05, 3.02])
    expect(stock!.readings[0].on).toBe(oldJob(1).changed)
    expect(stock!.grain).toBe('width') // its layout asked for panels along it
    expect(kerf).toMatchObject({ width: 0.16, doubt: 0.018, method: 'typed', kx: null })
    expect([belief, trials]).toEqual([null, []])
    expect(deriveBox(migratedJob(oldJob(1))).panels).toHaveLength(5)
  })
  test('where grain was free, a stock without grain stays without', () => {
    const old = oldJob(1) as { layout: { settings: object } }
    const free = { ...old, layout: { ...old.layout, settings: { ...old.layout.settings, grain: 'free' } } }
    expect(migratedJob(free).measure.stock!.grain).toBe('none')
  })
  test('a stock and a kerf on the bench get the date that they are read on', () => {
    const on = '2026-11-28'
    expect(migrateRecord('stocks', { id: 's', readings: [3.1] }, 1, on)).toMatchObject({
      readings: [{ value: 3.1, spot: '', on }],
      offcuts: [],
    })
    expect(migrateRecord('kerfs', { id: 'k', width: 0.2 }, 1, on)).toMatchObject({ on, method: 'typed' })
    expect(migrateRecord('kerfs', 'nothing', 1, on)).toBe('nothing')
  })
})
