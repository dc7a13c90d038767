import { shiftPoints, type DrawnLine, type Point } from '../geometry'
import { letter } from '../lettering'

/** How fine a scale is divided, and how high each kind of tick is as a share of the ruler. */
const SCALES = {
  mm: { step: 1, numbered: 10, each: 10, ticks: [[10, 1], [5, 0.75], [1, 0.5]] },
  in: { step: 25.4 / 16, numbered: 16, each: 1, ticks: [[16, 1], [8, 0.8], [4, 0.65], [2, 0.5], [1, 0.4]] },
} as const // oxfmt-ignore

/** What of the ruler's height the ticks take; numbers stand above them. */
const TICKS = 0.55
const NUMBERS = 0.3

/** A scale from zero: ticks up from its lower edge, and numbers. */
export function rulerLines(long: number, high: number, unit: 'mm' | 'in'): DrawnLine[] {
  const { step, numbered, each, ticks } = SCALES[unit]
  const count = Math.floor(long / step + 1e-9)
  const lines: DrawnLine[] = []
  const open = (points: Point[]): void => void lines.push({ points, closed: false })
  open([
    { x: 0, y: 0 },
    { x: count * step, y: 0 },
  ])
  for (let i = 0; i <= count; i++) {
    const share = ticks.find(([every]) => i % every === 0)![1]
    const x = i * step
    open([
      { x, y: 0 },
      { x, y: high * TICKS * share },
    ])
    if (i % numbered !== 0) continue
    const { strokes, width } = letter(String((i / numbered) * each), high * NUMBERS)
    for (const stroke of strokes) open(shiftPoints(stroke, x - width / 2, high * (1 - NUMBERS)))
  }
  return lines
}
