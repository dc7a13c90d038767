import { outlineOf, type Part, type PlateSide } from '../assembly'
import { bounds, cross } from '../geometry'
import { flatPart } from './parts'
import { cornerAt, type Faces, type Plane } from './planes'
import { angleOf, sideOf } from './sides'

/** A plate between walls, free on all sides. @param into from where its outside face meets a wall's, mm */
function freePlate(
  id: string,
  plane: Plane,
  thickest: number,
  faces: Faces,
  into: (side: PlateSide, wall: Plane) => number,
): Part {
  const { walls } = faces
  const corners = walls.map((_, i) => cornerAt(faces, i, plane))
  const part = flatPart(id, plane, thickest, corners)
  const sides = walls.map((wall, i) => {
    const line = { at: corners[i], way: cross(plane.normal, wall.normal), isReflex: false }
    const side = sideOf(part, plane, { line, mate: wall, ends: 'flush', joint: null })
    return { ...side, end: into(side, wall) }
  })
  return { ...part, sides, blank: bounds(outlineOf(sides, ({ end }) => end)) }
}

/**
 * A lid on the walls, even with their outside where it lies on them, and the lip under it that keeps it in
 * its place. @param play between the lip and each wall, mm
 */
export function lidOn(faces: Faces, thickness: number, thickest: number, play: number): Part[] {
  const [rim] = faces.rims
  const above: Plane = { ...rim, at: rim.at + thickness, thickness }
  const below: Plane = { ...rim, thickness }
  const slant = (wall: Plane): number => thickness / Math.tan(angleOf(above, wall))
  return [
    freePlate('top', above, thickest, faces, (_, wall) => slant(wall)),
    freePlate('lip', below, thickest, faces, ({ shoulder }) => shoulder + play),
  ]
}
