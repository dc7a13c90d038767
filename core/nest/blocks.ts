import { rectangle, type Turn } from '../geometry'
import type { Candidate, Member, Pose } from './pack'
import { makeFacings } from './slide'
import { findWheel, type Spoke } from './wheel'

/** Sides that differ by less count as equal, mm: more than rounding, less than a kerf. */
const EQUAL = 0.02

/** Wheels are looked for among so many at most. */
const MOST_FOR_WHEELS = 120

/** What every join has to keep to, mm. */
interface Bench {
  gap: number
  /** What a block must fit into. */
  room: { width: number; height: number }
  may: Map<string, Set<Turn>>
}

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

const isFullSide = (length: number, { room }: Bench): boolean =>
  Math.abs(length - room.width) < EQUAL || Math.abs(length - room.height) < EQUAL

/** Two that have an equal side, one beside the other; null where they have none or would not fit. */
function joined(a: Candidate, b: Candidate, bench: Bench): Candidate | null {
  for (const pose of a.poses)
    for (const other of b.poses) {
      const isBeside = Math.abs(pose.height - other.height) < EQUAL
      if (!isBeside && Math.abs(pose.width - other.width) >= EQUAL) continue
      const [side, length] = isBeside
        ? [pose.height, pose.width + bench.gap + other.width]
        : [pose.width, pose.height + bench.gap + other.height]
      // Strips right across a sheet are left loose, but for two that fill it: packing chooses among them.
      if (isFullSide(side, bench) && !isFullSide(length, bench)) continue
      const [dx, dy] = isBeside ? [pose.width + bench.gap, 0] : [0, pose.height + bench.gap]
      const block = blockOf(
        [
          { of: a, pose, dx: 0, dy: 0 },
          { of: b, pose: other, dx, dy },
        ],
        bench,
      )
      if (block) return block
    }
  return null
}

const keyOf = (side: number): number => Math.round(side / (2 * EQUAL))

/** Which candidates have a side of that length. Of two that fall to either side of a key's border, none. */
function bySide(candidates: Candidate[]): Map<number, Candidate[]> {
  const found = new Map<number, Candidate[]>()
  for (const candidate of candidates) {
    const sides = new Set(candidate.poses.flatMap(({ width, height }) => [width, height]).map(keyOf))
    for (const side of sides) found.set(side, [...(found.get(side) ?? []), candidate])
  }
  return found
}

/**
 * Joins parts that have an equal side into blocks, and blocks into larger ones, for as long as that leaves no
 * room unused: first those that have only one partner, then any.
 * @param room what a block must fit into, mm
 * @param share how many of the joins that could be made to choose from are made, 0 to 1
 */
export function joinBlocks(
  candidates: Candidate[],
  gap: number,
  room: Bench['room'],
  share: number,
  random: () => number,
): Candidate[] {
  const may = new Map(candidates.map(({ part, poses }) => [part.id, new Set(poses.map(({ turn }) => turn))]))
  const bench: Bench = { gap, room, may }
  let blocks = candidates
  for (;;) {
    const sides = [...bySide(blocks).values()].filter((alike) => alike.length > 1)
    sides.sort((a, b) => a.length - b.length)
    const fewest = sides.findIndex((alike) => alike.length > (sides[0]?.length ?? 0))
    const rarest = fewest < 0 ? sides : sides.slice(0, fewest)
    let next: Candidate[] | null = null
    for (let from = Math.floor(random() * rarest.length), i = 0; i < sides.length && !next; i++) {
      const alike = i < rarest.length ? rarest[(from + i) % rarest.length] : sides[i]
      if (alike.length > 2 && random() > share) continue
      const a = Math.floor(random() * alike.length)
      const b = (a + 1 + Math.floor(random() * (alike.length - 1))) % alike.length
      const block = joined(alike[a], alike[b], bench)
      if (block) next = [...blocks.filter((each) => each !== alike[a] && each !== alike[b]), block]
    }
    const wheel = next || blocks.length > MOST_FOR_WHEELS ? null : findWheel(blocks, gap, EQUAL)
    const block = wheel && blockOf(wheel, bench)
    if (block) next = [...blocks.filter((each) => !wheel.some(({ of }) => of === each)), block]
    if (!next) return blocks
    blocks = next
  }
}
