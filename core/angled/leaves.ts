import { leaves, type EndKind, type Leaves } from '../assembly'
import type { Angled } from './make'
import { angleOf } from './sides'
import { planeOfPart } from './planes'

/** An edge at which sheets do not meet squarely: its angle in degrees, and what is left there, mm. */
export interface SlantedEdge extends Leaves {
  joint: string
  angle: number
  /** Of the two sheets, mm. */
  thickness: [number, number]
  ends: EndKind
}

/** Every line of meeting whose angle is not a right one. */
export function slantedEdges({ faces, joints }: Pick<Angled, 'faces' | 'joints'>): SlantedEdge[] {
  return joints.flatMap(({ id, parts, line }): SlantedEdge[] => {
    const [a, b] = parts.map((part) => planeOfPart(faces, part))
    const angle = angleOf(a, b)
    if (Math.abs(angle - Math.PI / 2) < 1e-6) return []
    const each = [a, b].map(({ thickness }) => leaves(angle, thickness, line!.ends))
    return [
      {
        joint: id,
        angle: (angle * 180) / Math.PI,
        thickness: [a.thickness, b.thickness],
        ends: line!.ends,
        gap: Math.max(...each.map(({ gap }) => gap)),
        proud: Math.max(...each.map(({ proud }) => proud)),
      },
    ]
  })
}

/** The most that square edges leave anywhere on a box, mm. */
export const leavesOf = (angled: Pick<Angled, 'faces' | 'joints'>): Leaves => {
  const edges = slantedEdges(angled)
  return {
    gap: Math.max(0, ...edges.map(({ gap }) => gap)),
    proud: Math.max(0, ...edges.map(({ proud }) => proud)),
  }
}
