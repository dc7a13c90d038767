import { rectangle, type Turn } from '../geometry'
import type { Candidate, Member, Pose } from './pack'
import { makeFacings } from './bottom-left'
import { findPinwheel, type Spoke } from './pinwheel'

/**
 * How much sides may differ to count as equal, mm, for parts by themselves: one or the other is tried.
 * Sides of parts never add up exactly; what a join then leaves unused is lost to it.
 */
export const EQUALS = [0.02, 0.12, 0.12, 0.5, 2]

/** Sides of blocks add up what their parts are off: so many times as much for so many parts. */
const growing = (parts: number): number => Math.sqrt(parts)

/** Wheels are looked for among so many at most. */
const MOST_FOR_WHEELS = 120

/** What every join has to keep to, mm. */
interface Bench {
  gap: number
  /** What a block must fit into. */
  room: { width: number; height: number }
  may: Map<string, Set<Turn>>
  /** Sides of two parts that differ by less count as equal, mm. */
  equal: number
}

/** By how much sides of these two may differ to count as equal, mm. */
const slackOf = (a: Candidate, b: Candidate, { equal }: Bench): number =>
  equal * growing(Math.max(a.of?.length ?? 1, b.of?.length ?? 1))

/** The parts of a pose, and where they lie from its lower left corner. */
const membersOf = ({ part }: Candidate, pose: Pose): Member[] =>
  pose.members ?? [{ part: part.id, turn: pose.turn, dx: 0, dy: 0, width: pose.width, height: pose.height }]

const asPose = (members: Member[], width: number, height: number): Pose => ({
  ...makeFacings([rectangle(0, 0, width, height)], [rectangle(0, 0, width, height)]),
  turn: 0,
  width,
  height,
  members,
})

/** A block turned by a quarter; null where one of its parts may not lie so. */
function turned({ members, width, height }: Pose, may: Map<string, Set<Turn>>): Pose | null {
  const moved = members!.map((member): Member => ({
    part: member.part,
    turn: (member.turn + 90) % 360,
    dx: height - member.dy - member.height,
    dy: member.dx,
    width: member.height,
    height: member.width,
  }))
  return moved.every(({ part, turn }) => may.get(part)!.has(turn)) ? asPose(moved, height, width) : null
}

/** What lies side by side as one block, in both ways that it may lie; null where it would not fit. */
function blockOf(spokes: Spoke[], { room, may }: Bench): Candidate | null {
  const [width, height] = (['width', 'height'] as const).map((side, i) =>
    Math.max(...spokes.map(({ pose, dx, dy }) => [dx, dy][i] + pose[side])),
  )
  const members = spokes.flatMap(({ of, pose, dx, dy }) =>
    membersOf(of, pose).map((member) => ({ ...member, dx: member.dx + dx, dy: member.dy + dy })),
  )
  const pose = asPose(members, width, height)
  const goesIn = (each: Pose): boolean => each.width <= room.width + 1e-6 && each.height <= room.height + 1e-6
  const poses = [pose, turned(pose, may)].filter((each) => each !== null).filter(goesIn)
  const of = spokes.flatMap((spoke) => spoke.of.of ?? [spoke.of])
  return poses.length > 0 ? { part: of[0].part, poses, area: width * height, of } : null
}

const isFullSide = (length: number, { room, equal }: Bench): boolean =>
  Math.abs(length - room.width) < equal || Math.abs(length - room.height) < equal

/** Two side by side: how each lies, and what is left unused beside the shorter side, mm². */
interface Join {
  a: Candidate
  b: Candidate
  pose: Pose
  other: Pose
  isBeside: boolean
  unused: number
}

/** The ways in which two with an equal side lie side by side, as far as they fit. */
function joinsOf(a: Candidate, b: Candidate, bench: Bench): Join[] {
  const { gap, room } = bench
  const slack = slackOf(a, b, bench)
  const found: Join[] = []
  for (const pose of a.poses)
    for (const other of b.poses)
      for (const isBeside of [true, false]) {
        const [side, along] = isBeside ? (['height', 'width'] as const) : (['width', 'height'] as const)
        const differ = Math.abs(pose[side] - other[side])
        if (differ >= slack) continue
        const length = pose[along] + gap + other[along]
        const across = Math.max(pose[side], other[side])
        // Strips right across a sheet are left loose, but for two that fill it: packing chooses among them.
        if (isFullSide(across, bench) && !isFullSide(length, bench)) continue
        const isIn = (w: number, h: number): boolean => w <= room.width + 1e-6 && h <= room.height + 1e-6
        if (!isIn(length, across) && !isIn(across, length)) continue
        const shorter = pose[side] < other[side] ? pose : other
        found.push({ a, b, pose, other, isBeside, unused: differ * shorter[along] })
      }
  return found
}

/** The block of a join; null where its parts may not lie so. */
const made = ({ a, b, pose, other, isBeside }: Join, bench: Bench): Candidate | null =>
  blockOf(
    [
      { of: a, pose, dx: 0, dy: 0 },
      {
        of: b,
        pose: other,
        dx: isBeside ? pose.width + bench.gap : 0,
        dy: isBeside ? 0 : pose.height + bench.gap,
      },
    ],
    bench,
  )

/** The higher, the oftener the partner is taken that leaves least unused. */
const CHOOSY = 3

/** A side of a candidate, and the others that have one as long. */
interface Side {
  of: Candidate
  length: number
  partners: Candidate[]
}

/** More partners than that tell no more of a side: one of many is as good as another. */
const MOST_PARTNERS = 8

/** Sides with a partner, those with fewest partners first; of equally many in any order. */
function sidesOf(candidates: Candidate[], bench: Bench, random: () => number): Side[] {
  const sides = candidates.flatMap((of) =>
    [...new Set(of.poses.flatMap(({ width, height }) => [width, height]))].map((length): Side => ({
      of,
      length,
      partners: [],
    })),
  )
  sides.sort((a, b) => a.length - b.length)
  const most = bench.equal * growing(Math.max(...candidates.map(({ of }) => of?.length ?? 1)))
  for (const [i, a] of sides.entries())
    for (let j = i + 1; j < sides.length && sides[j].length - a.length < most; j++) {
      const b = sides[j]
      if (a.partners.length >= MOST_PARTNERS) break
      if (b.partners.length >= MOST_PARTNERS) continue
      if (a.of === b.of || b.length - a.length >= slackOf(a.of, b.of, bench)) continue
      a.partners.push(b.of)
      b.partners.push(a.of)
    }
  return sides
    .filter(({ partners }) => partners.length > 0)
    .map((side) => ({ side, order: side.partners.length + random() }))
    .sort((a, b) => a.order - b.order)
    .map(({ side }) => side)
}

/**
 * Joins parts that have an equal side into blocks, and blocks into larger ones, for as long as that leaves no
 * room unused: first those that have only one partner, then any.
 * @param room what a block must fit into, mm
 * @param share how many of the joins that could be made to choose from are made, 0 to 1
 * @param equal sides that differ by less count as equal, mm
 */
export function joinBlocks(
  candidates: Candidate[],
  gap: number,
  room: Bench['room'],
  share: number,
  equal: number,
  random: () => number,
): Candidate[] {
  const may = new Map(candidates.map(({ part, poses }) => [part.id, new Set(poses.map(({ turn }) => turn))]))
  const bench: Bench = { gap, room, may, equal }
  let blocks = candidates
  for (;;) {
    const joined = joinedOnce(blocks, bench, share, random)
    const wheel = joined || blocks.length > MOST_FOR_WHEELS ? null : findPinwheel(blocks, gap, equal)
    const block = wheel && blockOf(wheel, bench)
    if (!joined && !block) return blocks
    blocks = joined ?? [...blocks.filter((each) => !wheel!.some(({ of }) => of === each)), block!]
  }
}

/** Of many blocks this share is joined before partners are looked for again. */
const AT_ONCE = 0.04

/** Some of the joins that can be made, those first that have fewest partners; null where there is none. */
function joinedOnce(
  blocks: Candidate[],
  bench: Bench,
  share: number,
  random: () => number,
): Candidate[] | null {
  const gone = new Set<Candidate>()
  const added: Candidate[] = []
  const most = Math.max(1, Math.floor(AT_ONCE * blocks.length))
  for (const { of, partners } of sidesOf(blocks, bench, random)) {
    if (gone.has(of) || (partners.length > 1 && random() > share)) continue
    const joins = partners.flatMap((other) => (gone.has(other) ? [] : joinsOf(of, other, bench)))
    // Not always the best one, or every try would be the same.
    joins.sort((a, b) => a.unused - b.unused)
    const join = joins[Math.floor(random() ** CHOOSY * joins.length)]
    const block = join && made(join, bench)
    if (!block) continue
    added.push(block)
    gone.add(join.a).add(join.b)
    if (added.length >= most) break
  }
  return added.length > 0 ? [...blocks.filter((each) => !gone.has(each)), ...added] : null
}
