import { besideSlant, claimedRing, partsById, type Assembly, type Panel, type Part } from '../assembly'
import { bounds, type Bounds, type Point } from '../geometry'

/** A letter on a panel, on its own plane, mm. */
export interface Letter {
  text: string
  at: Point
}

/** How far a letter's middle stands from the joint it names, mm. */
const AWAY = 4

/** A, B, … Z, AA, AB, … */
export function letterFor(index: number): string {
  const first = Math.floor(index / 26)
  return (first > 0 ? letterFor(first - 1) : '') + String.fromCharCode(65 + (index % 26))
}

/** Beside the strip that a joint takes of a panel, where there is more of the panel. */
function beside(strip: Bounds, blank: Bounds): Point {
  const middle = { x: (strip.minX + strip.maxX) / 2, y: (strip.minY + strip.maxY) / 2 }
  const isUpright = strip.maxY - strip.minY > strip.maxX - strip.minX
  const [low, high] = isUpright
    ? [strip.minX - blank.minX, blank.maxX - strip.maxX]
    : [strip.minY - blank.minY, blank.maxY - strip.maxY]
  const isAfter = high > low
  if (isUpright) return { ...middle, x: isAfter ? strip.maxX + AWAY : strip.minX - AWAY }
  return { ...middle, y: isAfter ? strip.maxY + AWAY : strip.minY - AWAY }
}

/** The same letter on both panels of every joint, beside the place where they meet. */
export function lettersOf({ joints, parts }: Assembly, panels: Panel[]): Map<string, Letter[]> {
  const byId = partsById(parts)
  const found = new Map<string, Letter[]>(panels.map(({ id }) => [id, []]))
  for (const [i, joint] of joints.entries()) {
    const strip = (part: Part): Bounds => bounds(claimedRing(part, joint, byId))
    for (const id of joint.parts) {
      const part = byId.get(id)!
      found
        .get(id)
        ?.push({ text: letterFor(i), at: besideSlant(part, joint, AWAY) ?? beside(strip(part), part.blank) })
    }
  }
  return found
}
