import {
  outlineOf,
  reachAlong,
  type Axis,
  type Joint,
  type Line,
  type Part,
  type PlateSide,
} from '../assembly'
import { bounds, cross, type Vector } from '../geometry'
import { claimsOf, fingerShares, type EdgeRule } from '../joints'
import {
  facesOf,
  groundOf,
  insideOf,
  meetingPoint,
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

class Maker {
  readonly walls: Part[]
  readonly joints: (Joint & { group: AngledGroup })[] = []
  private readonly count: number

  constructor(
    private readonly spec: AngledSpec,
    private readonly faces: Faces,
    private readonly thickest: Sheets,
    private readonly tabs: AngledTabs,
  ) {
    this.count = faces.walls.length
    this.walls = faces.walls.map((wall, i) => {
      const up = upOn(wall)
      return partOf(wallId(i), wall, thickest.walls, [cross(up, wall.normal), up], this.corner(i, groundOf()))
    })
  }

  private wall(i: number): Plane {
    return this.faces.walls[(i + this.count) % this.count]
  }

  /** Where the outside faces before and after a corner of the plan meet at a height. */
  private corner(i: number, level: Plane): Vector {
    return meetingPoint(this.wall(i - 1), this.wall(i), level)
  }

  private join(
    group: AngledGroup,
    id: string,
    parts: [string, string],
    line: Line,
    length: number,
    own: Partial<Joint> = {},
  ): void {
    const [low, high] = line.clear
    if (high <= low) {
      const without = { claims: [], shares: [], along: 'z' as const }
      this.joints.push({ ...FINGERS, ...without, id, group, parts, line, proud: false })
      return
    }
    const shares = fingerShares(this.tabs.rules[group], high - low, {
      mirrored: false,
      keyed: this.tabs.keyed,
    })
    const claims = claimsOf(shares, low, low, high)
    const along = (['x', 'y', 'z'] as const)
      .map((axis, i): [Axis, number] => [axis, Math.abs(line.way[i])])
      .sort((a, b) => b[1] - a[1])[0][0]
    this.joints.push({
      ...FINGERS,
      id,
      group,
      parts,
      along,
      line,
      claims: group === 'uprights' ? toEnds(claims, length) : heldBetween(claims, length),
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
    const rise = less(meetingPoint(a, b, this.faces.rim), at)
    const length = Math.hypot(...rise)
    const line: Line = {
      at,
      way: [rise[0] / length, rise[1] / length, rise[2] / length],
      isReflex,
      // Round a corner that points inward ends would stand into the room.
      ends: isReflex ? 'flush' : this.spec.plan.ends,
      clear: [0, length],
    }
    const { floor, top } = this.faces
    line.clear = [
      clearOf([before, after], line, floor && !this.isRaised ? insideOf(floor) : groundOf(), 'low'),
      clearOf([before, after], line, top ? insideOf(top) : this.faces.rim, 'high'),
    ]
    const names: [string, string] = [wallId((i + this.count - 1) % this.count), wallId(i)]
    this.join('uprights', names.join('|'), names, line, length)
  }

  /** The line where a wall meets the floor, or the top. */
  level(i: number, name: 'floor' | 'top'): void {
    const flat = this.faces[name]!
    const at = this.corner(i, flat)
    const run = less(this.corner(i + 1, flat), at)
    const length = Math.hypot(...run)
    const line: Line = {
      at,
      way: [run[0] / length, run[1] / length, run[2] / length],
      isReflex: false,
      ends: this.spec.plan.ends,
      clear: [0, length],
    }
    const pair: [Plane, Plane] = [this.wall(i), flat]
    const third = (corner: number, wall: Plane): Plane =>
      this.faces.isReflex[corner % this.count] ? wall : insideOf(wall)
    line.clear = [
      clearOf(pair, line, third(i, this.wall(i - 1)), 'low'),
      clearOf(pair, line, third(i + 1, this.wall(i + 1)), 'high'),
    ]
    const isInSlots = name === 'floor' && this.isRaised
    // Beside a slot a web of one thickness is left to what is notched at the corner. [FM]
    const web = isInSlots ? this.wall(i).thickness : 0
    line.clear = [line.clear[0] + web, line.clear[1] - web]
    const inSlots = { ...TENONS, play: { ...FINGERS.play, walls: this.spec.play }, proud: true }
    const names: [string, string] = [wallId(i), name]
    this.join(name, names.join('|'), names, line, length, isInSlots ? inSlots : {})
  }

  private jointOf(group: AngledGroup, i: number): Joint {
    return this.joints.filter((joint) => joint.group === group)[(i + this.count) % this.count]
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
    return this.side(this.walls[i], this.wall(i), floor!, this.jointOf('floor', i), this.corner(i, floor!))
  }

  private wallSides(i: number): PlateSide[] {
    const part = this.walls[i]
    const own = this.wall(i)
    const { floor, top, rim } = this.faces
    const ground = groundOf()
    const foot = this.corner(i, ground)
    return [
      floor && !this.isRaised ? this.floorSide(i) : this.side(part, own, ground, null, foot),
      this.side(part, own, this.wall(i + 1), this.jointOf('uprights', i + 1), this.corner(i + 1, ground)),
      this.side(part, own, top ?? rim, top && this.jointOf('top', i), this.corner(i, rim)),
      this.side(part, own, this.wall(i - 1), this.jointOf('uprights', i), foot),
    ]
  }

  /** Beyond a corner that points inward a wall reaches no farther than to its own end. */
  private beyondAt(i: number, name: 'floor' | 'top', length: number): PlateSide['beyond'] {
    const [, right, top, left] = this.walls[i].sides!
    const edge = name === 'floor' ? this.floorSide(i) : top
    const depths = [Math.min(edge.face, edge.end), edge.shoulder]
    const places = [left, right].flatMap((side) => reachAlong(edge, side, side.end, depths))
    return [
      this.faces.isReflex[i] ? -Math.min(...places) : null,
      this.faces.isReflex[(i + 1) % this.count] ? Math.max(...places) - length : null,
    ]
  }

  private flatPart(name: 'floor' | 'top'): Part {
    const plane = this.faces[name]!
    const corners = this.faces.walls.map((_, i) => this.corner(i, plane))
    const part = flatPart(name, plane, this.thickest[name], corners)
    const sides = this.faces.walls.map((wall, i) => {
      const joint = this.jointOf(name, i)
      const side = this.side(part, plane, wall, joint, joint.line!.at)
      const { claims } = joint
      return { ...side, beyond: this.beyondAt(i, name, claims[claims.length - 1]?.to ?? 0) }
    })
    return { ...part, sides: name === 'floor' ? sides.reverse() : sides }
  }

  make(): Part[] {
    for (let i = 0; i < this.count; i++) this.upright(i)
    const flats = (['floor', 'top'] as const).filter((name) => this.faces[name])
    for (const name of flats) for (let i = 0; i < this.count; i++) this.level(i, name)
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
