import type { Thicknesses } from '../../core/fittings'
import type { Manifold } from 'manifold-3d'
import { partsById, prismOf, resolve, type Assembly, type Block, type Panel } from '../../core/assembly'
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

/** What of a solid is left once others are taken out of it, mm³. */
function leftOf(block: Boxed, others: Boxed[]): number {
  const near = others.filter((other) => !isApart(block, other))
  return near.reduce((left, { solid }) => left.subtract(solid), block.solid).volume()
}

const volumeOf = (parts: Boxed[]): number => parts.reduce((sum, { solid }) => sum + solid.volume(), 0)
const free = (parts: Boxed[]): void => parts.forEach(({ solid }) => solid.delete())

/** What the solid library says of a box: it knows nothing of how ours is proven. */
export class Judge {
  constructor(private readonly solids: Awaited<ReturnType<typeof solidLibrary>>) {}

  static async make(): Promise<Judge> {
    return new Judge(await solidLibrary())
  }

  /** A panel with its pockets. */
  solidOf(panel: Panel): Manifold {
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

  /** Space that is in more than one panel, mm³. */
  shared(panels: Panel[]): number {
    const parts = panels.map((panel) => boxed(this.solidOf(panel)))
    // All as one: where two just touch, what the library has them share is not to be relied on.
    const joined = this.solids.library.Manifold.union(parts.map(({ solid }) => solid))
    const shared = volumeOf(parts) - joined.volume()
    joined.delete()
    free(parts)
    return shared
  }

  /**
   * What is claimed and not there, mm³.
   * @param byOwner whether only its owner may fill a claim
   */
  missing(assembly: Assembly, panels: Panel[], byOwner = false): number {
    const parts = panels.map((panel) => ({ id: panel.id, ...boxed(this.solidOf(panel)) }))
    const open = panels.flatMap((panel) => this.openIn(assembly, panel)).map(boxed)
    let missing = 0
    for (const { owner, block } of claimed(assembly)) {
      const solid = boxed(this.solids.blockOf(block))
      missing += leftOf(solid, [...parts.filter(({ id }) => !byOwner || id === owner), ...open])
      solid.solid.delete()
    }
    free([...parts, ...open])
    return missing
  }

  /** Panels that are not one piece. */
  inPieces(panels: Panel[]): string[] {
    return panels.flatMap((panel) => {
      const solid = this.solidOf(panel)
      const pieces = solid.decompose().filter((piece) => piece.volume() > 1e-3)
      solid.delete()
      return pieces.length === 1 ? [] : [panel.id]
    })
  }

  /** What is struck on the way of what is drawn out, mm³ at its worst place. */
  struck({ groups }: Assembly, panels: Panel[]): number {
    const parts = panels.map((panel) => ({ id: panel.id, ...boxed(this.solidOf(panel)) }))
    let worst = 0
    for (const group of groups) {
      if (group.motion !== 'slide' || group.strikes) continue
      const standing = parts.filter(({ id }) => !group.parts.includes(id))
      for (const part of parts.filter(({ id }) => group.parts.includes(id)))
        for (let place = 1; place <= 40; place++) {
          const far = (group.way.sign * group.range * place) / 40
          const by = (['x', 'y', 'z'] as const).map((axis) => (axis === group.way.axis ? far : 0)) as Vector
          const moved = part.solid.translate(by)
          for (const other of standing)
            if (!isApart(part, other, by)) worst = Math.max(worst, moved.intersect(other.solid).volume())
          moved.delete()
        }
    }
    free(parts)
    return worst
  }

  /** What is wrong with a box; nothing, when its panels share no space and fill what they claim. */
  faultsOf(assembly: Assembly, panels: Panel[], looksForGaps: boolean): string[] {
    const parts = panels.map((panel) => boxed(this.solidOf(panel)))
    const most = 1e-5 * volumeOf(parts) + 1e-2
    free(parts)
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
