import { beforeAll, describe, expect, test } from '@jest/globals'
import { demo, type DemoName } from '../../scripts/testing/demo'
import { FILES_PER, TURNS, type CutPath } from '../plan'
import { lengthOf, signedArea } from '../geometry'
import type { Job } from '../job'
import { deriveAll, planOf, deriveParts } from './index'

type Cut = Job['cut']

/** Every setting of Cut that changes what the beam does, by itself and some of them together. */
const SETTINGS: [string, Partial<Cut>][] = [
  ...(['corner', 'side'] as const).flatMap((start): [string, Partial<Cut>][] => [
    [`begun at a ${start}`, { start }],
    [`begun at a ${start}, other face up`, { start, face: 'inside' }],
    [`begun at a ${start}, framed, looked at`, { start, frame: true, look: true }],
    ...FILES_PER.map((files): [string, Partial<Cut>] => [
      `begun at a ${start}, a file per ${files}`,
      { start, files },
    ]),
    ...TURNS.map((turn): [string, Partial<Cut>] => [`begun at a ${start}, turned ${turn}`, { start, turn }]),
    ...[1, 2, 4].map((count): [string, Partial<Cut>] => [
      `begun at a ${start}, ${count} bridges`,
      { start, bridges: { count, width: 0.6, below: 5000 } },
    ]),
  ]),
]

const laid = new Map<DemoName, Job>()
const DEMOS = ['specimen-tray', 'card-rack', 'field-book'] as const
beforeAll(() => {
  for (const name of DEMOS) laid.set(name, deriveAll(demo(name)).job)
})

const pathsOf = (job: Job, cut: Partial<Cut>): { paths: CutPath[]; beam: number } => {
  const own = { ...job, cut: { ...job.cut, ...cut } }
  const { plan } = planOf(own, deriveParts(own))
  const paths = plan!.loads.flatMap(({ paths }) => paths)
  return { paths, beam: deriveParts(own).box.kerf.width }
}
const through = (paths: CutPath[]): CutPath[] =>
  paths.filter(({ operation }) => operation === 'inside' || operation === 'outline')
const wayOf = (paths: CutPath[]): number =>
  paths.reduce((sum, { points, closed }) => sum + lengthOf(points, closed), 0)
const areaOf = (paths: CutPath[]): number =>
  paths.reduce((sum, { points, closed }) => sum + (closed ? Math.abs(signedArea(points)) : 0), 0)

describe.each(DEMOS)('%s', (name) => {
  test.each(SETTINGS)('%s: as much is cut, and as much enclosed', (_, cut) => {
    const job = laid.get(name)!
    // Where a sheet is turned over it is laid by two holes: those are cut either way.
    const { face = job.cut.face, turn = job.cut.turn } = cut
    const bridges = { ...job.cut.bridges, count: 0 }
    const { paths: plain, beam } = pathsOf(job, { face, turn, start: 'corner', bridges })
    const { paths } = pathsOf(job, cut)
    const [before, after] = [through(plain), through(paths)]
    const held = after.filter(({ closed }) => !closed).length - before.filter(({ closed }) => !closed).length
    const gap = (cut.bridges?.width ?? 0) + beam
    expect(wayOf(after) + held * gap).toBeCloseTo(wayOf(before), 3)
    if (held === 0) expect(areaOf(after)).toBeCloseTo(areaOf(before), 3)
    else expect(held).toBeGreaterThan(0)
  })
})
