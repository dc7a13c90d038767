import { expect, test } from '@jest/globals'
import { Lanes } from './lanes'
import type { Answer } from './protocol'

const score = (weight: number, rest = 0) => ({
  whole: 1,
  unplaced: 0,
  weight,
  sheets: weight,
  offcuts: 0,
  rest,
  shared: 0,
})
const found = (weight: number, done: number): Answer => ({
  kind: 'progress',
  sequence: 1,
  tried: 1,
  of: 2,
  round: done + 1,
  done,
  sheets: weight,
  score: score(weight),
  best: [],
})
const ended = (weight: number, rest: number): Answer => ({
  kind: 'planned',
  sequence: 1,
  arrangement: null,
  search: { before: score(9), after: score(weight, rest) },
  plan: null,
  use: null,
})
const failed: Answer = { kind: 'failed', sequence: 1, message: 'broken' }

test('the best of all is told while they search, and how many rounds they did together', () => {
  const lanes = new Lanes(3)
  expect(lanes.hear(0, found(4, 2))).toMatchObject({ round: 2, sheets: 4 })
  expect(lanes.hear(2, found(3, 5))).toMatchObject({ round: 7, sheets: 3 })
  expect(lanes.hear(1, found(5, 1))).toMatchObject({ round: 8, sheets: 3 })
})
test('once all have ended the best is handed on, the first of equal ones', () => {
  const lanes = new Lanes(3)
  expect(lanes.hear(1, ended(3, 50))).toBeNull()
  expect(lanes.isEnding).toBe(true)
  expect(lanes.hear(2, ended(3, 50.5))).toBeNull()
  expect(lanes.hear(0, ended(4, 900))).toEqual(ended(3, 50))
})
test('one that breaks ends nothing; that all have broken is said', () => {
  const lanes = new Lanes(2)
  expect(lanes.hear(1, failed)).toBeNull()
  expect(lanes.isEnding).toBe(false)
  expect(lanes.hear(0, ended(2, 0))).toEqual(ended(2, 0))
  const other = new Lanes(2)
  other.hear(0, failed)
  expect(other.hear(1, failed)).toEqual(failed)
})
