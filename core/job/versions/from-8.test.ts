import { fittingOf } from '../../fittings'
import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { deriveBox } from '../../derive'
import { migrateRecord } from '../migrate'

const old = oldJob(8) as { box: { openings: { columns: number }[]; engravings: { as: string }[] } }

describe('jobs of version 8', () => {
  testVersion(8)
  test('engravings were on the outside, openings in rows, and nothing on the other face', () => {
    const { box, cut, tune, layout } = migratedJob(old)
    expect(box.engravings.map(({ how, side, from }) => [how.kind, side, from])).toEqual(
      old.box.engravings.map(({ as }) => [as, 'outside', '']),
    )
    const [{ columns }] = old.box.openings
    expect(box.openings[0].repeat).toEqual({ kind: 'grid', columns, rows: 1, apart: 30 })
    expect(box.openings.map(({ id, from }) => [id, from])).toEqual(
      old.box.openings.map((_, i) => [`opening-${i + 1}`, '']),
    )
    expect([cut.turn, tune.own, fittingOf(box, 'softened'), box.pictures]).toEqual([
      'leave out',
      [],
      null,
      [],
    ])
    expect(layout.settings.inOpenings).toBe(false)
    expect(deriveBox(migratedJob(old)).proof!.faults).toEqual([])
  })
  test('nobody wrote down when a test was made', () =>
    expect(migrateRecord('tests', { id: 't' }, 8, '')).toEqual({ id: 't', on: '' }))
})
