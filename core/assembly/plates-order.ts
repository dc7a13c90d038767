import type { Vector } from '../geometry'
import { axesOf } from './plates'
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

/** Straight off its own face, upward, or along the face of one that it is joined to. */
function waysOut(panel: Panel, others: Plate[]): Vector[] {
  const along = others.flatMap(({ axes: [u] }): Vector[] => [u, [-u[0], -u[1], -u[2]]])
  return [axesOf(panel)[2], [0, 0, 1], ...along]
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
    const way = waysOut(panel, others).find((each) => comesOut(panel, others, each))
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
