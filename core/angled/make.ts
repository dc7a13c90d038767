import {
  outlineOf,
  reachAlong,
  type Axis,
  type Claim,
  type Joint,
  type Line,
  type Part,
  type PlateSide,
} from '../assembly'
import { bounds, cross, type Vector } from '../geometry'
import { claimsOf, fingerShares, type EdgeRule } from '../joints'
import {
  cornerAt,
  facesOf,
  gablesOf,
  groundOf,
  insideOf,
  meetingPoint,
  planeOfPart,
  rimAt,
  TOP_IDS,
  wallAt,
  type AngledSpec,
  type Faces,
  type Plane,
  type Sheets,
} from './planes'
import { heldBetween, toEnds } from './claims'
import { lidOn } from './lid'
import { makePartitions } from './partitions'
import { flatPart, less, partOf, upOn } from './parts'
import { clearOf, FINGERS, sideOf, TENONS } from './sides'
import { wallId, wallIndex } from './wall-id'

export type AngledGroup = 'uprights' | 'floor' | 'top'

/** How its edges are shared out. */
export interface AngledTabs {
  rules: Record<AngledGroup, EdgeRule>
  keyed: boolean
}

/** A box of plates at any angle: what `resolve` and `prove` work with. */
export interface Angled {
  faces: Faces
  parts: Part[]
  joints: (Joint & { group: AngledGroup })[]
  /** Of dividers: with walls, and with each other. */
  inner: Joint[]
}

/** The joint of two tops. */
const RIDGE = TOP_IDS.join('|')

/** A straight line of meeting, and how long it is, mm. */
function lineTo(at: Vector, to: Vector): [Line, number] {
  const way = less(to, at)
  const length = Math.hypot(...way)
  const along = way.map((each) => each / length) as Vector
  return [{ at, way: along, isReflex: false, ends: 'flush', clear: [0, length] }, length]
}

class Maker {
  readonly walls: Part[]
  readonly joints: (Joint & { group: AngledGroup })[] = []
  private readonly byId = new Map<string, Joint & { group: AngledGroup }>()
  private readonly gables: ReturnType<typeof gablesOf>
  private readonly count: number

  constructor(
    private readonly spec: AngledSpec,
    private readonly faces: Faces,
    private readonly thickest: Sheets,
    private readonly tabs: AngledTabs,
  ) {
    this.count = faces.walls.length
    this.gables = gablesOf(faces)
    this.walls = faces.walls.map((wall, i) => {
      const up = upOn(wall)
      return partOf(wallId(i), wall, thickest.walls, [cross(up, wall.normal), up], this.corner(i, groundOf()))
    })
  }

  private wall(i: number): Plane {
    return wallAt(this.faces, i)
  }

  /** Where the outside faces before and after a corner of the plan meet at a height. */
  private corner(i: number, level: Plane): Vector {
    return cornerAt(this.faces, i % this.count, level)
  }

  /** @param held who has what is beyond the clear stretch, at both ends */
  private join(
    group: AngledGroup,
    id: string,
    line: Line,
    held: (claims: Claim[], length: number) => Claim[],
    length: number,
    own: Partial<Joint> = {},
  ): void {
    const parts = id.split('|') as [string, string]
    const add = (joint: Joint): void => {
      const whole = { ...joint, group }
      this.joints.push(whole)
      this.byId.set(id, whole)
    }
    const [low, high] = line.clear
    if (high <= low) {
      const without = { claims: [], shares: [], along: 'z' as const }
      return add({ ...FINGERS, ...without, id, parts, line, proud: false })
    }
    const shares = fingerShares(this.tabs.rules[group], high - low, {
      mirrored: false,
      keyed: this.tabs.keyed,
    })
    const claims = claimsOf(shares, low, low, high)
    const along = (['x', 'y', 'z'] as const)
      .map((axis, i): [Axis, number] => [axis, Math.abs(line.way[i])])
      .sort((a, b) => b[1] - a[1])[0][0]
    add({
      ...FINGERS,
      id,
      parts,
      along,
      line,
      claims: held(claims, length),
      shares: shares.widths,
      proud: !line.isReflex,
      ...own,
    })
  }

  /** The line where the walls before and after a corner meet, from the ground to the rim. */
  upright(i: number): void {
    const isReflex = this.faces.isReflex[i]
    const [before, after] = [this.wall(i - 1), this.wall(i)]
    const [a, b] = isReflex ? [insideOf(before), insideOf(after)] : [before, after]
    const at = meetingPoint(a, b, groundOf())
    const { floor, tops, rims } = this.faces
    const over = rimAt(this.faces, i)
    const [line, length] = lineTo(at, meetingPoint(a, b, rims[over]))
    line.isReflex = isReflex
    // Round a corner that points inward ends would stand into the room.
    line.ends = isReflex ? 'flush' : this.spec.plan.ends
    line.clear = [
      clearOf([before, after], line, floor && !this.isRaised ? insideOf(floor) : groundOf(), 'low'),
      clearOf([before, after], line, tops.length > 0 ? insideOf(tops[over]) : rims[over], 'high'),
    ]
    this.join('uprights', this.uprightId(i), line, toEnds, length)
  }

  private uprightId(i: number): string {
    return [i - 1, i].map((each) => wallId((each + this.count) % this.count)).join('|')
  }

  /** From where to where a wall meets the floor or a top, and the sheets that it meets there. */
  private stretchOf(i: number, flat: Plane): { from: Vector; to: Vector; thirds: [Plane, Plane] } {
    const { tops, isReflex } = this.faces
    const third = (corner: number, wall: Plane): Plane =>
      isReflex[corner % this.count] ? wall : insideOf(wall)
    const beyond = tops.find((top) => top !== flat)
    const gable = tops.includes(flat) && beyond ? this.gables.find(({ wall }) => wall === i) : undefined
    const isHere = (corner: number): boolean =>
      !gable || tops[rimAt(this.faces, corner % this.count)] === flat
    return {
      from: isHere(i) ? this.corner(i, flat) : gable!.at,
      to: isHere(i + 1) ? this.corner(i + 1, flat) : gable!.at,
      thirds: [
        isHere(i) ? third(i, this.wall(i - 1)) : insideOf(beyond!),
        isHere(i + 1) ? third(i + 1, this.wall(i + 1)) : insideOf(beyond!),
      ],
    }
  }

  /** The line where a wall meets the floor, or a top. */
  level(i: number, name: string): void {
    const flat = planeOfPart(this.faces, name)
    const { from, to, thirds } = this.stretchOf(i, flat)
    const [line, length] = lineTo(from, to)
    line.ends = this.spec.plan.ends
    const pair: [Plane, Plane] = [this.wall(i), flat]
    const isInSlots = name === 'floor' && this.isRaised
    // Beside a slot a web of one thickness is left to what is notched at the corner. [FM]
    const web = isInSlots ? this.wall(i).thickness : 0
    line.clear = [clearOf(pair, line, thirds[0], 'low') + web, clearOf(pair, line, thirds[1], 'high') - web]
    const inSlots = { ...TENONS, play: { ...FINGERS.play, walls: this.spec.play }, proud: true }
    const group = name === 'floor' ? 'floor' : 'top'
    this.join(group, `${wallId(i)}|${name}`, line, heldBetween, length, isInSlots ? inSlots : {})
  }

  /** The line where two tops meet, from one wall to the other: both keep out of these. */
  ridge(): void {
    const [a, b] = this.gables
    const [line, length] = lineTo(a.at, b.at)
    line.ends = this.spec.plan.ends
    const pair: [Plane, Plane] = [this.faces.tops[0], this.faces.tops[1]]
    line.clear = [
      clearOf(pair, line, insideOf(this.wall(a.wall)), 'low'),
      clearOf(pair, line, insideOf(this.wall(b.wall)), 'high'),
    ]
    this.join('top', RIDGE, line, heldBetween, length)
  }

  /** A side at a joint, or at the ground or rim. */
  private side(part: Part, own: Plane, mate: Plane, joint: Joint | null, at: Vector): PlateSide {
    const way = cross(own.normal, mate.normal)
    const line = joint?.line ?? { at, way, isReflex: false, ends: 'flush' as const }
    return sideOf(part, own, { line, mate, ends: line.ends, joint: joint?.id ?? null })
  }

  /** Whether the floor stands in slots, above the walls' lower edge. */
  private get isRaised(): boolean {
    return this.faces.floor !== null && this.spec.raised > 0
  }

  private floorSide(i: number): PlateSide {
    const { floor } = this.faces
    const joint = this.byId.get(`${wallId(i)}|floor`)!
    return this.side(this.walls[i], this.wall(i), floor!, joint, this.corner(i, floor!))
  }

  /** A wall's upper edge, or both of them under a ridge, from its right to its left. */
  private upperSides(i: number): PlateSide[] {
    const { tops, rims } = this.faces
    const over = [rimAt(this.faces, (i + 1) % this.count), rimAt(this.faces, i)]
    return [...new Set(over)].map((k) => {
      const joint = tops.length > 0 ? this.byId.get(`${wallId(i)}|${TOP_IDS[k]}`)! : null
      const at = meetingPoint(this.wall(i), this.wall(i + 1), rims[k])
      return this.side(this.walls[i], this.wall(i), tops[k] ?? rims[k], joint, at)
    })
  }

  private wallSides(i: number): PlateSide[] {
    const part = this.walls[i]
    const own = this.wall(i)
    const { floor } = this.faces
    const foot = this.corner(i, groundOf())
    const [right, left] = [i + 1, i].map((corner) => this.byId.get(this.uprightId(corner % this.count))!)
    return [
      floor && !this.isRaised ? this.floorSide(i) : this.side(part, own, groundOf(), null, foot),
      this.side(part, own, this.wall(i + 1), right, this.corner(i + 1, groundOf())),
      ...this.upperSides(i),
      this.side(part, own, this.wall(i - 1), left, foot),
    ]
  }

  /** Beyond a corner that points inward a wall reaches no farther than to its own end. */
  private beyondAt(i: number, name: string, length: number): PlateSide['beyond'] {
    const [, right, top, left] = this.walls[i].sides!
    const edge = name === 'floor' ? this.floorSide(i) : top
    const depths = [Math.min(edge.face, edge.end), edge.shoulder]
    const places = [left, right].flatMap((side) => reachAlong(edge, side, side.end, depths))
    return [
      this.faces.isReflex[i] ? -Math.min(...places) : null,
      this.faces.isReflex[(i + 1) % this.count] ? Math.max(...places) - length : null,
    ]
  }

  /** Walls that a floor or a top meets, one after another; under a ridge from one gable to the other. */
  private wallsAt(name: string): number[] {
    const all = this.faces.walls.map((_, i) => i)
    if (name === 'floor' || this.faces.tops.length < 2) return all
    const k = TOP_IDS.indexOf(name)
    const over = (corner: number): boolean => rimAt(this.faces, corner % this.count) === k
    const first = all.find((i) => !over(i) && over(i + 1))!
    return all.map((i) => (first + i) % this.count).filter((i) => over(i) || over(i + 1))
  }

  private flatPart(name: string): Part {
    const plane = planeOfPart(this.faces, name)
    const walls = this.wallsAt(name)
    const corners = walls.flatMap((i) => {
      const { from, to } = this.stretchOf(i, plane)
      return [from, to]
    })
    const part = flatPart(name, plane, name === 'floor' ? this.thickest.floor : this.thickest.top, corners)
    const sides = walls.map((i) => {
      const joint = this.byId.get(`${wallId(i)}|${name}`)!
      const side = this.side(part, plane, this.wall(i), joint, joint.line!.at)
      const { claims } = joint
      return { ...side, beyond: this.beyondAt(i, name, claims[claims.length - 1]?.to ?? 0) }
    })
    const ridge = this.byId.get(RIDGE)
    const other = this.faces.tops.find((top) => top !== plane)
    if (ridge && other && name !== 'floor') sides.push(this.side(part, plane, other, ridge, ridge.line!.at))
    return { ...part, sides: name === 'floor' ? sides.reverse() : sides }
  }

  make(): Part[] {
    for (let i = 0; i < this.count; i++) this.upright(i)
    const { floor, tops } = this.faces
    const flats = [...(floor ? ['floor'] : []), ...TOP_IDS.slice(0, tops.length)]
    for (const name of flats) for (const i of this.wallsAt(name)) this.level(i, name)
    if (tops.length > 1) this.ridge()
    for (const [i, part] of this.walls.entries()) {
      part.sides = this.wallSides(i)
      if (this.isRaised) part.inner = [this.floorSide(i)]
    }
    const parts = [...this.walls, ...flats.map((name) => this.flatPart(name))]
    return parts.map((part) => ({ ...part, blank: bounds(outlineOf(part.sides!, ({ end }) => end)) }))
  }
}

/**
 * A box whose walls stand at any angle. Each line of meeting is shared out where no third sheet reaches;
 * corners belong to walls, floor and top keep out of them. Lengths in mm.
 */
export function makeAngled(
  spec: AngledSpec,
  { mean, thickest }: { mean: Sheets; thickest: Sheets },
  tabs: AngledTabs,
): Angled {
  const faces = facesOf(spec, mean)
  const maker = new Maker(spec, faces, thickest, tabs)
  const parts = maker.make()
  const inner = makePartitions(faces, spec.plan.partitions, {
    thickness: mean.dividers,
    thickest: thickest.dividers,
    rule: tabs.rules.uprights,
    play: { slots: spec.play, laps: spec.laps },
    below: spec.top === 'lid' ? mean.top : 0,
  })
  for (const part of parts) {
    const own = inner.slots.get(part.id) ?? []
    const wall = faces.walls[wallIndex(part.id)]
    const slotted = own.map(({ joint, plane }) =>
      sideOf(part, wall, { line: joint.line!, mate: plane, ends: 'flush', joint: joint.id }),
    )
    if (slotted.length > 0) part.inner = [...(part.inner ?? []), ...slotted]
  }
  const lid = spec.top === 'lid' ? lidOn(faces, mean.top, thickest.top, spec.lidPlay) : []
  return { faces, parts: [...parts, ...inner.parts, ...lid], joints: maker.joints, inner: inner.joints }
}
