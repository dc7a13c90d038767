import { expect, test } from '@jest/globals'
import { Vector3 } from 'three'
import { rectangle, type Region } from '@core/geometry'
import { edgeGeometry, solidGeometry } from './solid-geometry'

const frame: Region = { outline: rectangle(0, 0, 40, 30), holes: [rectangle(10, 10, 30, 20).reverse()] }

test('the triangles close a body of the right volume, and every normal looks outward', () => {
  const geometry = solidGeometry(frame, 3)
  const [positions, normals] = [geometry.getAttribute('position'), geometry.getAttribute('normal')]
  let volume = 0
  for (let i = 0; i < positions.count; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => new Vector3().fromBufferAttribute(positions, i + k))
    volume += a.dot(b.clone().cross(c)) / 6
    const facing = b.sub(a).cross(c.sub(a)).normalize()
    expect(facing.dot(new Vector3().fromBufferAttribute(normals, i))).toBeCloseTo(1, 6)
  }
  expect(volume).toBeCloseTo((40 * 30 - 20 * 10) * 3, 3)
})
test('every edge is drawn once below, once above and once upright', () =>
  expect(edgeGeometry(frame, 3).getAttribute('position').count).toBe(8 * 3 * 2))
