import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { OPERATIONS } from '../machine'
import { dividePaths, FILES_PER, type CutPath } from './index'

const WAY = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
]
const somePath = fc.record({
  operation: fc.constantFrom(...OPERATIONS),
  part: fc.constantFrom('front-1', 'back-1', 'b/front-1'),
  points: fc.constant(WAY),
  closed: fc.boolean(),
})

test.each(FILES_PER)('one file per %s: every path is in one file, in the order in which it is cut', (per) =>
  fc.assert(
    fc.property(fc.array(somePath, { minLength: 1, maxLength: 30 }), (paths: CutPath[]) => {
      const files = dividePaths(paths, per)
      expect(new Set(files.map(({ name }) => name)).size).toBe(files.length)
      expect(files.flatMap((file) => file.paths)).toHaveLength(paths.length)
      for (const file of files) {
        const places = file.paths.map((path) => paths.indexOf(path))
        expect(places).toEqual([...places].sort((a, b) => a - b))
        if (per === 'operation') expect(new Set(file.paths.map(({ operation }) => operation)).size).toBe(1)
        if (per === 'part') expect(new Set(file.paths.map(({ part }) => part)).size).toBe(1)
      }
    }),
  ),
)
