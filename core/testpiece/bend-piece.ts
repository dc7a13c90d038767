import { slitLines, zoneOf, type Slit } from '../bend'
import { bounds, offset, rectangle, shiftPoints, type Point } from '../geometry'
import { letterInto } from '../lettering'
import type { CutPath } from '../plan'

/** Widths of links that are tried, of the wanted one. */
const SHARES = [0.6, 0.8, 1, 1.25, 1.6]
/** A strip is so long along its bend, and flat for so long on both sides; between two of them. mm */
const LONG = 50
const FLAT = 25
const GAP = 4

/** A strip of a bend test piece: which links it has. */
interface BendStrip {
  name: string
  /** Width of a link after cutting, its length, and how many of them there are. */
  width: number
  link: number
  rows: number
}

/** Strips that are bent by hand until they break, each with other links; ready to be written. mm */
export interface BendPiece {
  width: number
  height: number
  paths: CutPath[]
  strips: BendStrip[]
}

/**
 * A test piece for bends: five strips round the wanted width of links.
 * @param compensation per side, for the outlines; slits are one line each
 */
export function makeBendPiece(slit: Slit, thickness: number, kerf: number, compensation: number): BendPiece {
  const scored: CutPath[] = []
  const inside: CutPath[] = []
  const outlines: CutPath[] = []
  const strips: BendStrip[] = []
  let y = GAP
  let widest = 0
  for (const share of SHARES) {
    const link = Number((slit.link * share).toFixed(2))
    const zone = zoneOf({ ...slit, link }, Math.PI / 2, thickness, kerf, LONG)
    const long = zone.flat + 2 * FLAT
    const place = (points: Point[]): Point[] => shiftPoints(points, GAP, y)
    const name = String(link)
    const path = (operation: CutPath['operation'], points: Point[], closed: boolean): CutPath => ({
      operation,
      part: `strip ${name}`,
      points: place(points),
      closed,
    })
    const mark = letterInto(name, { x: FLAT / 2, y: LONG / 2 }, FLAT * 0.7, 6)
    scored.push(...mark.map((points) => path('score', points, false)))
    inside.push(...slitLines(zone).map((line) => path('inside', shiftPoints(line, FLAT, 0), false)))
    const [grown] = offset({ outline: rectangle(0, 0, long, LONG), holes: [] }, compensation)
    outlines.push(path('outline', grown.outline, true))
    strips.push({ name, width: zone.width, link: zone.link, rows: zone.rows })
    widest = Math.max(widest, bounds(grown.outline).maxX)
    y += LONG + GAP
  }
  return { width: widest + 2 * GAP, height: y, paths: [...scored, ...inside, ...outlines], strips }
}
