import { describe, expect, test } from '@jest/globals'
import { rectangle, type Region } from '../geometry'
import { makeCandidates } from './pack'
import { findPinwheel } from './pinwheel'

const parts = (...sizes: [number, number][]) =>
  makeCandidates(
    sizes.map(([width, height], i) => {
      const shape: Region = { outline: rectangle(0, 0, width, height), holes: [] }
      return { id: `p${i}`, shape, turnedShape: shape }
    }),
    { margin: 0, gap: 2, grain: 'free', turning: true },
  )
describe('four parts round a fifth', () => {
  const spokes = findPinwheel(parts([30, 20], [40, 50], [72, 25], [36, 47], [68, 28]), 2, 0.02)
  test('are found where they leave no room between them', () => {
    if (!spokes) throw new Error('none')
    const boxes = spokes.map(({ pose, dx, dy }) => ({
      dx,
      dy,
      right: dx + pose.width,
      top: dy + pose.height,
    }))
    const [wide, high] = [Math.max(...boxes.map((b) => b.right)), Math.max(...boxes.map((b) => b.top))]
    for (const [i, a] of boxes.entries())
      for (const b of boxes.slice(i + 1)) {
        const apart = Math.max(b.dx - a.right, a.dx - b.right, b.dy - a.top, a.dy - b.top)
        expect(apart).toBeGreaterThan(2 - 1e-9)
      }
    // With half a gap round each, they fill the whole.
    const grown = boxes.reduce((sum, { dx, dy, right, top }) => sum + (right - dx + 2) * (top - dy + 2), 0)
    expect(grown).toBeCloseTo((wide + 2) * (high + 2), 6)
    expect(new Set(spokes.map(({ of }) => of.part.id)).size).toBe(5)
  })
  test('are not where one of them is a little too long', () =>
    expect(findPinwheel(parts([30, 20], [40, 50], [72, 25], [36, 47], [68, 28.5]), 2, 0.02)).toBeNull())
})
