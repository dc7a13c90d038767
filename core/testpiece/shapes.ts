import {
  bounds,
  offset,
  rectangle,
  shiftPoints,
  shiftRegion,
  union,
  type Point,
  type Region,
} from '../geometry'
import { letterInto } from '../lettering'
import { combNames, combSteps, slotWidths, type Trial } from './spec'

/**
 * A part of a test piece, its lower left corner at (0, 0): outline and holes, lines cut across, numbers
 * scored. mm
 */
export interface TestPart {
  id: string
  shape: Region
  crossCuts: Point[][]
  marks: Point[][]
}

const plain = (width: number, height: number): Region => ({
  outline: rectangle(0, 0, width, height),
  holes: [],
})
const hole = (x: number, y: number, width: number, height: number) =>
  rectangle(x, y, x + width, y + height).reverse()
/** Room round a window or between two slots, mm. */
const RIM = 10

/** An arrow across the sheet: a square that lies loose on the bench still says which way is which. */
function acrossArrow(side: number): Point[][] {
  const [from, to, y, head] = [side * 0.25, side * 0.75, side * 0.25, side * 0.08]
  return [
    [
      { x: from, y },
      { x: to, y },
    ],
    [
      { x: to - head, y: y + head },
      { x: to, y },
      { x: to - head, y: y - head },
    ],
  ]
}

function squares({ squares: { side, count } }: Trial): TestPart[] {
  return Array.from({ length: count }, (_, i) => ({
    id: `square-${i + 1}`,
    shape: plain(side, side),
    crossCuts: [],
    marks: [
      ...letterInto(String(i + 1), { x: side / 2, y: side * 0.6 }, side * 0.5, side * 0.3),
      ...acrossArrow(side),
    ],
  }))
}

/**
 * A frame with a window; what lies in the window is cut across. Both ends of the window count among the
 * lines.
 */
function strip({ strip: { length, lines } }: Trial): TestPart[] {
  const height = 15
  const crossCuts = Array.from({ length: lines - 2 }, (_, i) => {
    const x = RIM + ((i + 1) * length) / (lines - 1)
    return [
      { x, y: RIM },
      { x, y: RIM + height },
    ]
  })
  const shape: Region = {
    outline: rectangle(0, 0, length + 2 * RIM, height + 2 * RIM),
    holes: [hole(RIM, RIM, length, height)],
  }
  return [
    {
      id: 'strip',
      shape,
      crossCuts,
      marks: letterInto(`N ${lines}`, { x: RIM + length / 2, y: RIM / 2 }, 40, 4),
    },
  ]
}

/** Tabs of a comb pair: share, depth and how many shares there are, mm. */
const COMB = { share: 8, depth: 6, bar: 14, shares: 5 }

/** Two halves that press into each other, both drawn with one compensation per side. */
function comb(trial: Trial): TestPart[] {
  const { share, depth, bar, shares } = COMB
  const names = combNames(trial)
  return combSteps(trial).flatMap((compensation, i) =>
    (['a', 'b'] as const).map((half): TestPart => {
      const tabs = Array.from({ length: shares }, (_, k) => k)
        .filter((k) => k % 2 === (half === 'a' ? 0 : 1))
        .map((k) => rectangle(k * share, bar, (k + 1) * share, bar + depth))
      const drawn = union([rectangle(0, 0, share * shares, bar), ...tabs])[0]
      const [compensated] = offset(drawn, compensation)
      const { minX, minY } = bounds(compensated.outline)
      const label = letterInto(`${half} ${names[i]}`, { x: (share * shares) / 2, y: bar / 2 }, 24, 5)
      return {
        id: `pair-${i + 1}-${half}`,
        shape: shiftRegion(compensated, -minX, -minY),
        crossCuts: [],
        marks: label.map((stroke) => shiftPoints(stroke, -minX, -minY)),
      }
    }),
  )
}

function slots(trial: Trial, thickness: number): TestPart[] {
  const widths = slotWidths(trial, thickness)
  const length = 20
  const pitch = Math.max(RIM, widths[widths.length - 1] + 5)
  const shape: Region = {
    outline: rectangle(0, 0, RIM + widths.length * pitch, length + 2 * RIM),
    holes: widths.map((width, i) => hole(RIM + i * pitch, RIM + 4, width, length)),
  }
  const marks = widths.flatMap((_, i) =>
    letterInto(String(i + 1), { x: RIM + i * pitch + thickness / 2, y: RIM / 2 + 1 }, pitch * 0.7, 3.5),
  )
  return [{ id: 'gauge', shape, crossCuts: [], marks }]
}

/** The parts of a test piece. @param thickness of the sheet, mm; the slot gauge is made round it */
export function testParts(trial: Trial, thickness: number): TestPart[] {
  const makers = { squares, strip, comb, slots }
  return makers[trial.method](trial, thickness)
}
