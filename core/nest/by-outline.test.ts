import { describe, expect, test } from '@jest/globals'
import { layoutFaults } from '../../scripts/testing/layout-faults'
import { puzzle, taskOf } from '../../scripts/testing/puzzles'
import { layoutTask, type Task, type TaskLayout } from './index'

/** Laid out for so many looks at the clock, whatever the machine. */
function laidOut(task: Task, looks: number, seed = 1): TaskLayout {
  let now = 0
  return layoutTask(task, looks, seed, () => now++)
}

describe('parts that a sheet was cut up into', () => {
  test.each([
    ['jigsaw', 2],
    ['rings', 4],
  ] as const)('lie on one sheet again: %s', (kind, seed) => {
    const task = taskOf(puzzle(kind, 0.13, seed))
    const layout = laidOut(task, 3000)
    expect(layoutFaults(task, layout)).toEqual([])
    expect(layout.sheetsUsed).toBe(1)
  })

  test('are two sheets where they are more, and the same seed gives the same', () => {
    const one = puzzle('cuts', 0.13, 5)
    const more = { ...one, parts: [...one.parts, ...one.parts.slice(0, 6)] }
    const task = taskOf(more)
    const layout = laidOut(task, 600)
    expect(layoutFaults(task, layout)).toEqual([])
    expect(layout.sheetsUsed).toBe(2)
    expect(laidOut(task, 600).placements).toEqual(layout.placements)
  })

  test('where one sheet is all there is, most of them lie on it, and the rest is told', () => {
    const one = puzzle('jigsaw', 0.12, 3)
    const task = taskOf({ ...one, parts: [...one.parts, ...one.parts.slice(0, 3)] }, 1)
    const layout = laidOut(task, 250)
    expect(layoutFaults(task, layout)).toEqual([])
    expect(layout.unplaced.length).toBeLessThanOrEqual(6)
    expect(layout.unplaced.length).toBeGreaterThanOrEqual(3)
  })
})
