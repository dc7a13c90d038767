import type { Candidate, Pose } from './pack'

/** One of the five, and where its lower left corner lies in the wheel, mm. */
export interface Spoke {
  of: Candidate
  pose: Pose
  dx: number
  dy: number
}

/** Of those that are as long so many are tried: where there are more, most of them are alike. */
const MOST_ALIKE = 4

/** Candidates in the ways they may lie, found by a length. */
class ByLength {
  private readonly found = new Map<number, { of: Candidate; pose: Pose }[]>()

  constructor(
    candidates: Candidate[],
    private readonly of: 'width' | 'height',
    private readonly equal: number,
  ) {
    for (const candidate of candidates)
      for (const pose of candidate.poses.slice(0, 2)) {
        const key = Math.floor(pose[of] / equal)
        this.found.set(key, [...(this.found.get(key) ?? []), { of: candidate, pose }])
      }
  }

  at(length: number): { of: Candidate; pose: Pose }[] {
    const key = Math.floor(length / this.equal)
    return [key - 1, key, key + 1]
      .flatMap((each) => this.found.get(each) ?? [])
      .filter(({ pose }) => Math.abs(pose[this.of] - length) < this.equal)
      .slice(0, MOST_ALIKE)
  }
}

/**
 * Four rectangles round a fifth, without room between them: what no cut right across can make.
 * @param equal lengths that differ by less are the same, mm
 */
export function findPinwheel(candidates: Candidate[], gap: number, equal: number): Spoke[] | null {
  const [byWidth, byHeight] = (['width', 'height'] as const).map((of) => new ByLength(candidates, of, equal))
  for (const middle of candidates)
    for (const m of middle.poses.slice(0, 2))
      for (const left of candidates) {
        if (left === middle) continue
        for (const l of left.poses.slice(0, 2)) {
          const high = l.height - m.height - gap
          if (high <= equal) continue
          for (const low of byWidth.at(l.width + gap + m.width))
            for (const right of byHeight.at(low.pose.height + gap + m.height))
              for (const top of byWidth.at(m.width + gap + right.pose.width)) {
                if (Math.abs(top.pose.height - high) >= equal) continue
                if (new Set([middle, left, low.of, right.of, top.of]).size < 5) continue
                const [x, y] = [l.width + gap, low.pose.height + gap]
                // Where sides are only nearly equal, each lies clear of the farther of two.
                return [
                  { ...low, dx: 0, dy: 0 },
                  { ...right, dx: Math.max(low.pose.width, x + m.width) + gap, dy: 0 },
                  { of: middle, pose: m, dx: x, dy: y },
                  { of: left, pose: l, dx: 0, dy: y },
                  { ...top, dx: x, dy: Math.max(right.pose.height, y + m.height) + gap },
                ]
              }
        }
      }
  return null
}
