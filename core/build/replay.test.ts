import { beforeAll, describe, expect, test } from '@jest/globals'
import type { Manifold } from 'manifold-3d'
import { solidLibrary } from '../../scripts/testing/solids'
import type { Panel } from '../assembly'
import { deriveThings, type DerivedBox } from '../derive'
import { KINDS, makeJob } from '../kinds'
import { buildSteps, SCHOOLS, type BuildStep } from './index'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

type Vector = [number, number, number]
const PLACES = 20

const solidOf = (panel: Panel): Manifold =>
  solids.solidOf(
    panel,
    panel.features
      .filter(({ depth }) => depth !== null)
      .map(({ shape, depth }) => ({ shape: { outline: shape, holes: [] }, depth: depth! })),
  )

/** Faces that just touch are not what the library is good at: it finds less than this there, mm³. */
const TOUCH = 0.5

/** The most that what comes in shares with what stands, at 20 places of its way, mm³. */
function worstOf(step: BuildStep, solidsOf: Map<string, Manifold>, way: Vector, range: number): number {
  let worst = 0
  for (let place = 1; place <= PLACES; place++) {
    const far = (range * place) / PLACES
    for (const id of step.panels) {
      const moved = solidsOf.get(id)!.translate(way.map((part) => part * far) as Vector)
      const { min, max } = moved.boundingBox()
      for (const other of step.standing) {
        const stands = solidsOf.get(other)!
        const box = stands.boundingBox()
        if ([0, 1, 2].some((i) => max[i] <= box.min[i] || box.max[i] <= min[i])) continue
        const both = moved.intersect(stands)
        worst = Math.max(worst, both.volume())
        both.delete()
      }
      moved.delete()
    }
  }
  return worst
}

function replay({ made, panels }: DerivedBox, steps: BuildStep[]): void {
  const parts = new Map(panels!.map((panel) => [panel.id, solidOf(panel)]))
  const { outer } = made!
  for (const step of steps) {
    if (!step.from) continue
    const range = Math.max(outer.x, outer.y, outer.z) * 1.2
    const worst = worstOf(step, parts, step.from, range)
    if (worst > TOUCH) throw new Error(`${step.title} goes through ${worst} mm³ of what stands`)
  }
  parts.forEach((part) => part.delete())
}

describe.each(KINDS.map(({ kind }) => kind))('the order of a %s', (kind) => {
  const made = makeJob(kind, kind === 'cabinet' ? { columns: '2', rows: '2' } : {}, 'k', '')
  if (!made.ok) throw new Error(made.error)
  const boxes = deriveThings(made.job).map(({ box }) => box)
  test('every step comes in along its way without going through what stands, at 20 places', () => {
    for (const box of boxes) {
      const steps = buildSteps(box.made!, box.panels!)
      if ('locked' in steps) throw new Error(`locked: ${steps.locked.join(', ')}`)
      replay(box, steps)
    }
  })
})

test('a lid that is locked in: each step is free, with its strip on it', () => {
  const made = makeJob('sliding-box', { end: 'captive' }, 'k', '')
  if (!made.ok) throw new Error(made.error)
  const [{ box }] = deriveThings(made.job)
  const steps = buildSteps(box.made!, box.panels!)
  if ('locked' in steps) throw new Error('locked')
  expect(steps.some(({ panels }) => panels.join('+') === 'top+stop')).toBe(true)
  replay(box, steps)
})

describe('schools', () => {
  const made = makeJob('box', { top: 'fingers' }, 'k', '')
  if (!made.ok) throw new Error(made.error)
  const [{ box }] = deriveThings(made.job)
  const stepsOf = (school: (typeof SCHOOLS)[number]): BuildStep[] => {
    const steps = buildSteps(box.made!, box.panels!, school)
    if ('locked' in steps) throw new Error('locked')
    return steps
  }
  test.each(SCHOOLS)('%s: possible, and no step goes through another', (school) => {
    const steps = stepsOf(school)
    expect(steps.flatMap(({ panels }) => panels).sort()).toEqual(box.panels!.map(({ id }) => id).sort())
    replay(box, steps)
  })
  test('differ: floor first, front first, or two walls at a time', () => {
    const orders = SCHOOLS.map((school) => stepsOf(school).map(({ panels }) => panels.join('+')))
    expect(orders[0][0]).toBe('floor')
    expect(orders[1][0]).toBe('front')
    expect(orders[2].slice(0, 2)).toEqual(['front+left', 'back+right'])
    expect(stepsOf('two halves')[0].text).toContain('square')
  })
})
