import type { Place } from '../belief'
import { bounds, sizeOf, turnPoints } from '../geometry'
import type { Job, Measured } from '../job'
import { sidesOfOrigin, type Machine } from '../machine'
import { poseShift, shapeFor } from '../nest'
import type { Part } from './parts'
import type { LoadPlan } from './plan-types'
import type { Derived } from './pipeline'

/** Something of a cut that can be measured: the play of a joint, or a size of a part. */
export type Measurable = Pick<Measured, 'what' | 'of' | 'told' | 'at'>

/** A place of a load, on the bed whose corner it is put into, mm. */
export function onBed(
  { x, y }: Place,
  { width, height }: Pick<LoadPlan, 'width' | 'height'>,
  { origin, bedWidth, bedHeight }: Pick<Machine, 'origin' | 'bedWidth' | 'bedHeight'>,
): Place {
  const { isRight, isBack } = sidesOfOrigin(origin)
  return { x: x + (isRight ? bedWidth - width : 0), y: y + (isBack ? bedHeight - height : 0) }
}

/** Where the middle of every part is cut on the bed, mm. */
export function placesOnBed(job: Job, parts: Part[], loads: LoadPlan[]): Map<string, Place> {
  const { machine } = job.measure
  const byId = new Map(parts.map((part) => [part.id, part]))
  const loadOf = new Map(
    loads
      .filter(({ face }) => face !== 'first')
      .flatMap((load) => load.paths.map(({ part }) => [part, load] as const)),
  )
  const places = new Map<string, Place>()
  for (const { part: id, x, y, turn } of job.layout.arrangement?.placements ?? []) {
    const [part, load] = [byId.get(id), loadOf.get(id)]
    if (!machine || !part || !load) continue
    const shape = shapeFor(part, turn)
    const { minX, minY, maxX, maxY } = bounds(turnPoints(shape.outline, turn))
    const { dx, dy } = poseShift(shape, turn)
    const middle = { x: (minX + maxX) / 2 + dx + x - load.x, y: (minY + maxY) / 2 + dy + y - load.y }
    places.set(id, onBed(middle, load, machine))
  }
  return places
}

/** All of a cut that can be measured: each size of each part, and each joint of tabs of each copy. */
export function measurablesOf(job: Job, { things, plan }: Derived, parts: Part[]): Measurable[] {
  const places = placesOnBed(job, parts, plan?.loads ?? [])
  const isCompensated = job.cut.compensation === 'paths'
  const kept = (value: number): number => Number(value.toFixed(4))
  const sizes = parts.flatMap((part) => {
    const { shape, drawn } = part.lies[0]
    const { width, height } = sizeOf(isCompensated ? shape : drawn)
    const at = places.get(part.id) ?? null
    const of = (way: string, told: number): Measurable => ({
      what: 'part',
      of: `${part.label}, ${way}`.slice(0, 80),
      told: kept(told),
      at,
    })
    return [of('width', width), of('height', height)]
  })
  const plays = things.flatMap(({ thing, box }) =>
    (box.made?.assembly.joints ?? [])
      .filter(({ claims }) => claims.length > 1)
      .flatMap(({ parts: [a, b] }) =>
        parts.flatMap((one): Measurable[] => {
          if (one.thing !== thing.id || one.panel !== a) return []
          const mate = parts.find(
            (each) => each.thing === one.thing && each.copy === one.copy && each.panel === b,
          )
          if (!mate) return []
          const [here, there] = [places.get(one.id), places.get(mate.id)]
          const at = here && there ? { x: (here.x + there.x) / 2, y: (here.y + there.y) / 2 } : null
          return [{ what: 'play', of: `${one.label} with ${mate.label}`.slice(0, 80), told: 0, at }]
        }),
      ),
  )
  return [...plays, ...sizes]
}
