import type { Place } from '../belief'
import { bounds, sizeOf } from '../geometry'
import type { Job, Measured } from '../job'
import { sidesOfOrigin, type Machine } from '../machine'
import { placedShape, type Placement } from '../nest'
import type { Part } from './parts'
import type { LoadPlan } from './plan-types'
import type { Derived } from './pipeline'

/** Something of a cut that can be measured: the play of a joint, or a size of a part. */
export type Measurable = Pick<Measured, 'what' | 'of' | 'told' | 'at'>

type Load = Pick<LoadPlan, 'x' | 'y' | 'width' | 'height'>
type Bed = Pick<Machine, 'origin' | 'bedWidth' | 'bedHeight'>

/** A place of a load, on the bed whose corner it is put into, mm. */
function onBed({ x, y }: Place, { width, height }: Load, { origin, bedWidth, bedHeight }: Bed): Place {
  const { isRight, isBack } = sidesOfOrigin(origin)
  return { x: x + (isRight ? bedWidth - width : 0), y: y + (isBack ? bedHeight - height : 0) }
}

/** Where the middle of a part is cut on the bed, mm. */
export function middleOnBed(part: Part, placement: Placement, load: Load, machine: Bed): Place {
  const { minX, minY, maxX, maxY } = bounds(placedShape(part, placement).outline)
  return onBed({ x: (minX + maxX) / 2 - load.x, y: (minY + maxY) / 2 - load.y }, load, machine)
}

/** Where the middle of every part is cut on the bed, mm. */
function placesOnBed(job: Job, parts: Part[], loads: LoadPlan[]): Map<string, Place> {
  const { machine } = job.measure
  const byId = new Map(parts.map((part) => [part.id, part]))
  const loadOf = new Map(
    loads
      .filter(({ face }) => face !== 'first')
      .flatMap((load) => load.paths.map(({ part }) => [part, load] as const)),
  )
  const places = new Map<string, Place>()
  for (const placement of job.layout.arrangement?.placements ?? []) {
    const { part: id } = placement
    const [part, load] = [byId.get(id), loadOf.get(id)]
    if (!machine || !part || !load) continue
    places.set(id, middleOnBed(part, placement, load, machine))
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
