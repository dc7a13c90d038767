import { expect, test } from '@jest/globals'
import { folderStep } from './folder-step'

test.each([
  ['a', 'a', null, 'same'],
  ['a', null, null, 'write'],
  ['a', null, 'a', 'write'], // taken out of the folder: it is written again
  [null, 'a', null, 'read'],
  [null, 'a', 'a', 'same'], // deleted here: it does not come back by itself
  [null, 'b', 'a', 'read'], // but it does when somebody went on with it
  ['b', 'a', 'a', 'write'],
  ['a', 'b', 'a', 'read'],
  ['b', 'c', 'a', 'conflict'],
  ['b', 'c', null, 'conflict'],
] as const)('here %s, there %s, last %s: %s', (ours, theirs, last, step) =>
  expect(folderStep(ours, theirs, last)).toBe(step),
)
