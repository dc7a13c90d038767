import type { Vector } from '../geometry'
import { Plate, sharedPlace } from './plates-proof'
import type { Panel } from './resolve'

/** A plate coming in: which way it lies before that, as a way of length 1, and what stands already. */
export interface PlateArrival {
  id: string
  from: Vector | null
  standing: string[]
}

/** Where on its way out a plate is held against the others, in its own thicknesses. */
const PLACES = [0.05, 0.5, 1, 1.8]

const moved = (panel: Panel, way: Vector, by: number): Panel => {
  const frame = [...panel.frame]
  for (const [i, at] of [3, 7, 11].entries()) frame[at] += way[i] * by
  return { ...panel, frame }
}

/** Whether a plate comes out one way, straight. */
function comesOut(panel: Panel, others: Plate[], way: Vector): boolean {
  return PLACES.every((place) => {
    const there = new Plate(moved(panel, way, place * panel.thickness))
    return others.every((other) => sharedPlace(there, other) === null)
  })
}

/** The ways across a plate's sides, in its own plane and away from it. */
function waysOver({ axes: [u, v], panel }: Plate): Vector[] {
  return (panel.sides ?? []).map(({ way: { x, y } }) => [0, 1, 2].map((i) => y * u[i] - x * v[i]) as Vector)
}

/** Straight off its own face, upward, into the room, or along its own face or that of another one. */
function waysOut(plate: Plate, others: Plate[]): Vector[] {
  const [, , n] = plate.axes
  return [n, [0, 0, 1], [-n[0], -n[1], -n[2]], ...waysOver(plate), ...others.flatMap(waysOver)]
}

/** The last of them that comes out past the others. */
function lastOut(
  left: string[],
  byId: ReadonlyMap<string, Panel>,
  plates: ReadonlyMap<string, Plate>,
): PlateArrival | null {
  for (const id of [...left].reverse()) {
    const panel = byId.get(id)!
    const standing = left.filter((other) => other !== id)
    const others = standing.map((other) => plates.get(other)!)
    const way = waysOut(plates.get(id)!, others).find((each) => comesOut(panel, others, each))
    if (way) return { id, from: standing.length > 0 ? way : null, standing }
  }
  return null
}

/**
 * An order in which plates come in one by one, straight, found by taking the whole apart.
 * @param wanted the order that would be taken if nothing stood in the way
 */
export function plateOrder(
  panels: Panel[],
  wanted: string[],
): { arrivals: PlateArrival[] } | { locked: string[] } {
  const byId = new Map(panels.map((panel) => [panel.id, panel]))
  const plates = new Map(panels.map((panel) => [panel.id, new Plate(panel)]))
  const arrivals: PlateArrival[] = []
  let left = [...wanted]
  while (left.length > 0) {
    const out = lastOut(left, byId, plates)
    if (!out) return { locked: left }
    arrivals.unshift(out)
    left = out.standing
  }
  return { arrivals }
}
