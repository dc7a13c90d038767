import type { Thicknesses } from '../../core/fittings'
import type { Manifold } from 'manifold-3d'
import {
  partsById,
  prismOf,
  resolve,
  type Assembly,
  type Block,
  type Panel,
  type Size,
} from '../../core/assembly'
import { cornerBlock } from '../../core/assembly/prism'
import { jointProblems, makeBox, specProblems, type Box, type BoxSpec } from '../../core/box'
import { boxed, isApart, solidLibrary, type Boxed, type Vector } from './solids'

const NEEDED = 1

/** A box that can be made, with its panels; null for the others. */
export function makeable(spec: BoxSpec, mean: Thicknesses): { box: Box; panels: Panel[] } | null {
  if (specProblems(spec, mean, NEEDED).length > 0) return null
  const box = makeBox(spec, { mean, thickest: mean })
  if (jointProblems(box, NEEDED).length > 0) return null
  const { panels, broken } = resolve(box.assembly, { proud: spec.proud, interference: 0 })
  return broken.length === 0 ? { box, panels } : null
}

/** What the joints and corners say belongs to somebody, and to whom. */
function claimed({ joints, corners, parts }: Assembly): { owner: string; block: Block }[] {
  const byId = partsById(parts)
  return [
    ...joints.flatMap((joint) =>
      joint.claims.flatMap(({ owner, from, to }) =>
        owner === null || to <= from
          ? []
          : [{ owner: joint.parts[owner], block: prismOf(joint, byId, from, to) }],
      ),
    ),
    ...corners.map((corner) => ({ owner: corner.owner, block: cornerBlock(corner, byId) })),
  ]
}

/** How many panels' solids are kept: more than any box has, few enough for the library's memory. */
const KEPT = 500

/** The most that a thing, moved so far, shares with any one of others, mm³. */
function mostShared(thing: Boxed, by: Vector, others: Boxed[]): number {
  const near = others.filter((other) => !isApart(thing, other, by))
  if (near.length === 0) return 0
  const moved = thing.solid.translate(by)
  const shared = near.map(({ solid }) => {
    const both = moved.intersect(solid)
    const volume = both.volume()
    both.delete()
    return volume
  })
  moved.delete()
  return Math.max(...shared)
}

/** What the solid library says of a box: it knows nothing of how ours is proven. */
export class Judge {
  private readonly kept = new Map<Panel, Boxed>()

  constructor(private readonly solids: Awaited<ReturnType<typeof solidLibrary>>) {}

  static async make(): Promise<Judge> {
    return new Judge(await solidLibrary())
  }

  /** A panel with its pockets: it is the judge's own, made once. */
  solidOf(panel: Panel): Boxed {
    const made = this.kept.get(panel) ?? boxed(this.make(panel))
    this.kept.delete(panel)
    this.kept.set(panel, made)
    if (this.kept.size > KEPT) {
      const [oldest, { solid }] = this.kept.entries().next().value!
      solid.delete()
      this.kept.delete(oldest)
    }
    return made
  }

  private make(panel: Panel): Manifold {
    const pockets = panel.features.filter(({ depth }) => depth !== null)
    return this.solids.solidOf(
      panel,
      pockets.map(({ shape, depth }) => ({ shape: { outline: shape, holes: [] }, depth: depth! })),
    )
  }

  private flat(panel: Panel, outline: Panel['region']['outline'], thickness = panel.thickness): Manifold {
    return this.solids.solidOf({ ...panel, region: { outline, holes: [] }, thickness })
  }

  /** What is cut through a panel on purpose, and what its pockets are wider than what stands in them. */
  private openIn({ joints, parts }: Assembly, panel: Panel): Manifold[] {
    return panel.features.flatMap(({ shape, depth, joint: id }) => {
      if (depth === null) return [this.flat(panel, shape)]
      const joint = joints.find((each) => each.id === id)!
      const { claims } = joint
      const guest = prismOf(joint, partsById(parts), claims[0].from, claims[claims.length - 1].to)
      const play = this.flat(panel, shape, depth).subtract(this.solids.blockOf(guest))
      return play.volume() > 1e-3 ? [play] : []
    })
  }

  private union(solids: Manifold[]): Manifold {
    return this.solids.library.Manifold.union(solids)
  }

  private volumeOf(panels: Panel[]): number {
    return panels.reduce((sum, panel) => sum + this.solidOf(panel).solid.volume(), 0)
  }

  /** Space that is in more than one panel, mm³. */
  shared(panels: Panel[]): number {
    // All as one: where two just touch, what the library has them share is not to be relied on.
    const joined = this.union(panels.map((panel) => this.solidOf(panel).solid))
    const shared = this.volumeOf(panels) - joined.volume()
    joined.delete()
    return shared
  }

  /**
   * What is claimed and not there, mm³.
   * @param byOwner whether only its owner may fill a claim
   */
  missing(assembly: Assembly, panels: Panel[], byOwner = false): number {
    const open = panels.flatMap((panel) => this.openIn(assembly, panel))
    const claims = claimed(assembly)
    const owners = byOwner ? [...new Set(claims.map(({ owner }) => owner))] : [null]
    let missing = 0
    for (const owner of owners) {
      const mine = claims.filter((claim) => owner === null || claim.owner === owner)
      const blocks = mine.map(({ block }) => this.solids.blockOf(block))
      const whole = this.union(blocks)
      const there = panels.filter(({ id }) => owner === null || id === owner)
      const filled = this.union([...there.map((panel) => this.solidOf(panel).solid), ...open])
      const left = whole.subtract(filled)
      missing += left.volume()
      for (const solid of [...blocks, whole, filled, left]) solid.delete()
    }
    for (const solid of open) solid.delete()
    return missing
  }

  /** Panels that are not one piece. */
  inPieces(panels: Panel[]): string[] {
    return panels.flatMap((panel) => {
      const pieces = this.solidOf(panel)
        .solid.decompose()
        .filter((piece) => piece.volume() > 1e-3)
      return pieces.length === 1 ? [] : [panel.id]
    })
  }

  /** What is struck on the way of what is drawn out, mm³ at its worst place. */
  struck({ groups }: Assembly, panels: Panel[]): number {
    let worst = 0
    for (const group of groups) {
      if (group.motion !== 'slide' || group.strikes) continue
      const [moving, standing] = [true, false].map((moves) =>
        panels.filter(({ id }) => group.parts.includes(id) === moves).map((panel) => this.solidOf(panel)),
      )
      for (const part of moving)
        for (let place = 1; place <= 40; place++) {
          const far = (group.way.sign * group.range * place) / 40
          const by = (['x', 'y', 'z'] as const).map((axis) => (axis === group.way.axis ? far : 0)) as Vector
          worst = Math.max(worst, mostShared(part, by, standing))
        }
    }
    return worst
  }

  /** A block, its lower corner there, mm. */
  blockAt({ x, y, z }: Size, at: Size): Boxed {
    return boxed(this.solids.library.Manifold.cube([x, y, z]).translate([at.x, at.y, at.z]))
  }

  /** What a thing strikes of panels where it stands and on its way straight up, mm³ at its worst place. */
  struckUpward(thing: Boxed, panels: Panel[], range: number): number {
    const standing = panels.map((panel) => this.solidOf(panel))
    let worst = 0
    // Never so far at once that it would jump over what is in its way.
    const steps = Math.ceil(range / ((thing.max[2] - thing.min[2]) / 2))
    for (let place = 0; place <= steps; place++) {
      const by: Vector = [0, 0, steps === 0 ? 0 : (range * place) / steps]
      worst = Math.max(worst, mostShared(thing, by, standing))
    }
    return worst
  }

  /** What is wrong with a box; nothing, when its panels share no space and fill what they claim. */
  faultsOf(assembly: Assembly, panels: Panel[], looksForGaps: boolean): string[] {
    const most = 1e-5 * this.volumeOf(panels) + 1e-2
    const shared = this.shared(panels)
    // Dear: not every box is looked at for what is missing.
    const missing = looksForGaps ? this.missing(assembly, panels) : 0
    return [
      ...(Math.abs(shared) > most ? [`share ${shared} mm³`] : []),
      ...(missing > most ? [`missing ${missing} mm³`] : []),
      ...this.inPieces(panels).map((id) => `${id} in pieces`),
    ]
  }
}
