import { randomFrom } from '../../core/statistics'

export type Corner = [number, number]

export const boxed = (width: number, height: number): Corner[] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
]

/** Its size round about, and how wide its arms are. */
type Drawn = (w: number, h: number, t: number) => { outline: Corner[]; holes?: Corner[][] }

export const cornerPiece: Drawn = (w, h, t) => ({
  outline: [[0, 0], [w, 0], [w, t], [t, t], [t, h], [0, h]],
}) // oxfmt-ignore
export const channel: Drawn = (w, h, t) => ({
  outline: [[0, 0], [w, 0], [w, h], [w - t, h], [w - t, t], [t, t], [t, h], [0, h]],
}) // oxfmt-ignore
export const frame: Drawn = (w, h, t) => ({
  outline: boxed(w, h),
  holes: [boxed(w - 2 * t, h - 2 * t).map(([x, y]): Corner => [x + t, y + t])],
})
const wedge: Drawn = (w, h) => ({ outline: [[0, 0], [w, 0], [0, h]] }) // oxfmt-ignore

/** A block, and what is not a rectangle on a maker's sheet. */
const SHAPES: Drawn[] = [(w, h) => ({ outline: boxed(w, h) }), cornerPiece, channel, wedge, frame]

/** Draws whole numbers, both ends included. */
export const drawsFrom =
  (random: () => number) =>
  (low: number, high: number): number =>
    low + Math.floor(random() * (high - low + 1))

const OFFCUT: Corner[] = [[0, 0], [300, 0], [300, 120], [180, 260], [0, 260]] // oxfmt-ignore

/** A task as a maker might have it, with offcuts, frames and odd angles; the same seed gives the same one. */
export function randomTask(seed: number, parts = 6): object {
  const any = drawsFrom(randomFrom(seed))
  const pick = <T>(list: T[]): T => list[any(0, list.length - 1)]
  return {
    units: 'mm',
    gap: pick([0, 1.5, 3]),
    margin: pick([0, 4]),
    parts: Array.from({ length: parts }, (_, i) => {
      const [w, h, t] = [any(40, 110), any(40, 110), any(8, 15)]
      const { outline, holes = [] } = pick(SHAPES)(w, h, t)
      const [dx, dy] = [any(-40, 40), any(-40, 40)]
      const move = (ring: Corner[]): Corner[] => ring.map(([x, y]) => [x + dx, y + dy])
      return {
        id: `p${i}`,
        outline: move(outline),
        holes: holes.map(move),
        count: any(1, 4),
        turns: pick([[0], [0, 180], [0, 90, 180, 270], [0, 30, 77.5, 120, 200], [90, 270]]),
      }
    }),
    sheets: [
      { id: 'whole', width: 300, height: 220, count: any(1, 6), price: 3 },
      { id: 'offcut', outline: OFFCUT.map(([x, y]) => [x - 20, y + 15]), count: 2, price: 0.5 },
    ],
  }
}

/** Nothing but sharp corners at odd angles, whose grown points reach far beyond the gap. */
export function wedgesTask(seed: number): object {
  const any = drawsFrom(randomFrom(seed))
  const wedge = (i: number): object => {
    const [width, height] = [any(30, 90), any(30, 90)]
    const outline = [[0, 0], [width, 0], [any(0, width), height]] // oxfmt-ignore
    return { id: `wedge ${i}`, outline, count: any(2, 5), turns: [0, 30, 77.5, 120, 200, 263] }
  }
  return {
    gap: [0, 1.5, 3][any(0, 2)],
    margin: 2,
    parts: [wedge(0), wedge(1), wedge(2)],
    sheets: [{ id: 'sheet', width: 260, height: 180, count: 6 }],
  }
}
