import { dot, type Vector } from '../geometry'

/** Where square tab ends stop at a slanted face: within both faces, half way, or where nothing is open. */
export const END_KINDS = ['flush', 'middle', 'full'] as const
export type EndKind = (typeof END_KINDS)[number]

/** The angle inside between sheets that look outward so, radians. [DEF] */
export const angleBetween = (a: Vector, b: Vector): number => Math.acos(Math.min(1, Math.max(-1, -dot(a, b))))

/** How far one sheet reaches towards the line along which the outer faces of two meet, mm. */
export interface Reach {
  /** Where the other's outside face first reaches, over its own thickness. */
  face: number
  /** Its shoulder: it stays so far off where the other one passes. */
  shoulder: number
  /** The end of its tabs; less than nothing stands out beyond the other's outer face. */
  end: number
}

/**
 * How sheets with square edges meet at an angle. Seen along the line of meeting, the other sheet is a strip
 * between `h·cot θ` and `h·cot θ + mate / sin θ` at the depth h under this one's outer face. [DEF]
 * @param angle between them, inside, radians
 * @param own thickness of this one, mm
 * @param mate thickness of the other one, mm
 */
export function meeting(angle: number, own: number, mate: number, ends: EndKind): Reach {
  const slant = (own * Math.cos(angle)) / Math.sin(angle)
  const [near, far] = [Math.min(0, slant), Math.max(0, slant)]
  const end = { flush: far, middle: (near + far) / 2, full: near }[ends]
  return { face: near, shoulder: mate / Math.sin(angle) + far, end }
}

/** What square edges leave at an angle, mm. */
export interface Leaves {
  /** How wide the open wedge at a shoulder is, on the face where it is open. */
  gap: number
  /** How far an edge of a tab end stands out of the other's outer face, to be sanded down. */
  proud: number
}

/** @param angle between the sheets, inside, radians @param own thickness of the one whose edge it is, mm */
export function leaves(angle: number, own: number, ends: EndKind): Leaves {
  const share = { flush: 0, middle: 0.5, full: 1 }[ends]
  const slant = own * Math.abs(Math.cos(angle))
  return { gap: slant / Math.sin(angle), proud: share * slant }
}
