import { sumOf } from '../../statistics'
import { areaOf, TINY, type Size } from './piece'

/**
 * How high a bin is filled from left to right, as steps. What comes next goes onto the lowest step; where
 * nothing is to, it is raised to the lower of the steps beside it, and what is below is waste. A full bin is
 * followed by the next one. [PUB: Burke, Kendall & Whitwell, A new placement heuristic for the orthogonal
 * stock-cutting problem, Operations Research 52 (2004)]
 */
export class Skyline {
  /** Where each step begins, and how high it is, mm. */
  readonly left: Float64Array
  readonly height: Float64Array
  steps = 1
  bin = 0
  /** What is lost below the steps, and in the bins before, mm². */
  waste = 0

  /** @param most steps that there can be */
  constructor(
    private readonly bins: Size[],
    most: number,
  ) {
    this.left = new Float64Array(most)
    this.height = new Float64Array(most)
  }

  /** Height of the bin, mm. */
  get top(): number {
    return this.bins[this.bin].height
  }

  /** The lowest step; of several the leftmost. */
  lowest(): number {
    let lowest = 0
    for (let i = 1; i < this.steps; i++) if (this.height[i] < this.height[lowest] - TINY) lowest = i
    return lowest
  }

  endOf(step: number): number {
    return step + 1 < this.steps ? this.left[step + 1] : this.bins[this.bin].width
  }

  leftWall(step: number): number {
    return step > 0 ? this.height[step - 1] : this.top
  }

  rightWall(step: number): number {
    return step + 1 < this.steps ? this.height[step + 1] : this.top
  }

  private remove(step: number): void {
    this.steps--
    for (let i = step; i < this.steps; i++) {
      this.left[i] = this.left[i + 1]
      this.height[i] = this.height[i + 1]
    }
  }

  /** Gives the lowest step up. @returns false where that was the last bin */
  raise(): boolean {
    const step = this.lowest()
    const [leftWall, rightWall] = [this.leftWall(step), this.rightWall(step)]
    const to = Math.min(leftWall, rightWall)
    this.waste += (this.endOf(step) - this.left[step]) * (to - this.height[step])
    if (this.steps === 1) {
      this.left[0] = this.height[0] = 0
      return ++this.bin < this.bins.length
    }
    this.height[step] = to
    if (step + 1 < this.steps && rightWall <= to + TINY) {
      this.height[step] = rightWall
      this.remove(step + 1)
    }
    if (step > 0 && leftWall <= to + TINY) this.remove(step)
    return true
  }

  /** Puts a rectangle onto the lowest step, at its left: it has to be wide enough. @returns where it lies */
  put(size: Size): { x: number; y: number } {
    const step = this.lowest()
    const at = { x: this.left[step], y: this.height[step] }
    const top = at.y + size.height
    if (this.endOf(step) - at.x - size.width > TINY) {
      for (let i = this.steps; i > step + 1; i--) {
        this.left[i] = this.left[i - 1]
        this.height[i] = this.height[i - 1]
      }
      this.steps++
      this.left[step + 1] = at.x + size.width
      this.height[step + 1] = at.y
    } else if (step + 1 < this.steps && Math.abs(this.height[step + 1] - top) < TINY) this.remove(step + 1)
    this.height[step] = top
    if (step > 0 && Math.abs(this.height[step - 1] - top) < TINY) this.remove(step)
    return at
  }
}

/** All that bins have room for, mm². */
export const roomIn = (bins: Size[]): number => sumOf(bins.map(areaOf))
