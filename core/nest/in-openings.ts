import { area, bounds, shiftPoints, type Region, type Ring, type Turn } from '../geometry'
import { lastOf, nestSteps, type NestProgress } from './nest'
import { groundOf, packOutlines, poseOf, stepFor, type OutlinePart, type OutlinePose } from './outline'
import type { Supply } from './surface'
import { placedWithHost, hostedTurns, type Hosted } from './hosted'
import { type Layout, type NestPart, type NestRules, type Placement } from './types'

/** Openings smaller than this take nothing that is worth it, mm². [FM] */
const LEAST = 400

/** Where the beam is not round a turned part has other sides by up to so much, mm. */
const SLACK = 0.3

const counterClockwise = (hole: Ring): Ring => [...hole].reverse()

const isRound = ({ shape, turnedShape }: NestPart): boolean => shape === turnedShape

/** What can be laid into the openings of larger parts, the largest first. */
function fill(parts: NestPart[], rules: NestRules): Hosted[] {
  const openings = parts.flatMap((host) =>
    host.shape.holes
      .filter((hole) => area({ outline: counterClockwise(hole), holes: [] }) > LEAST)
      .map((hole) => ({ host, hole: counterClockwise(hole) })),
  )
  if (openings.length === 0) return []
  const hosts = new Set(openings.map(({ host }) => host))
  const gap = rules.gap + (parts.every(isRound) ? 0 : SLACK)
  const kinds = openings.flatMap(({ host, hole }) => {
    const { minX, minY } = bounds(hole)
    const outline = shiftPoints(hole, -minX, -minY)
    const ground = groundOf(outline, gap, gap, stepFor(outline))
    return ground ? [{ host, corner: { x: minX, y: minY }, ground, count: 1 }] : []
  })
  const known = kinds.map(() => new Map<Region, Map<Turn, OutlinePose>>())
  const poseIn = (kind: number, shape: Region, turn: Turn): OutlinePose => {
    const ofShape = known[kind].get(shape) ?? new Map<Turn, OutlinePose>()
    known[kind].set(shape, ofShape)
    const pose = ofShape.get(turn) ?? poseOf(shape, turn, gap, kinds[kind].ground.raster)
    ofShape.set(turn, pose)
    return pose
  }
  const small = parts
    .filter((part) => !hosts.has(part))
    .map((part): OutlinePart => {
      const poses = kinds.map(({ host, ground }, kind) =>
        hostedTurns(part, host, rules)
          .map((turn) => poseIn(kind, part.shape, turn))
          .filter(({ columns, rows }) => columns <= ground.raster.columns && rows <= ground.raster.rows),
      )
      return { id: part.id, area: area(part.shape), poses }
    })
    .filter(({ poses }) => poses.some((each) => each.length > 0))
    .sort((a, b) => b.area - a.area)
  const sheets = kinds
    .map((_, kind) => ({ kind, number: 0 }))
    .sort((a, b) => kinds[b.kind].ground.area - kinds[a.kind].ground.area)
  const tries = [true, false].map((byColumn) =>
    lastOf(packOutlines({ order: small, byColumn, byFarSide: false, sheets }, kinds, gap, gap)),
  )
  const taken = ({ lying }: (typeof tries)[number]): number =>
    lying.reduce((sum, { pose }) => sum + pose.width * pose.height, 0)
  const best = tries.reduce((a, b) => (taken(b) > taken(a) ? b : a))
  return best.lying.map(({ part, kind, x, y, pose }) => ({
    host: kinds[kind].host.id,
    part,
    turn: pose.angle,
    at: { x: kinds[kind].corner.x + x + pose.width / 2, y: kinds[kind].corner.y + y + pose.height / 2 },
  }))
}

/**
 * Lays parts out as `nestSteps` does, those that go into openings of others first: they move with these.
 * What is pinned neither goes into an opening nor takes anything into its own.
 */
export function* nestInOpenings(
  parts: NestPart[],
  settings: NestRules,
  supply: Supply,
  pinned: Placement[] = [],
  seed = 0,
): Generator<NestProgress, Layout> {
  const held = new Set(pinned.map(({ part }) => part))
  const within = fill(
    parts.filter(({ id }) => !held.has(id)),
    settings,
  )
  const inside = new Set(within.map(({ part }) => part))
  const byId = new Map(parts.map((part) => [part.id, part]))
  const whole = ({ placements, unplaced }: Layout): Layout => {
    const hosts = new Map(placements.map((placement) => [placement.part, placement]))
    const missing = within.filter(({ host }) => !hosts.has(host))
    return {
      placements: [
        ...placements,
        ...within.flatMap((each) => {
          const host = hosts.get(each.host)
          return host ? [placedWithHost(each, host, byId)] : []
        }),
      ],
      unplaced: [
        ...unplaced,
        ...missing.map(({ part }) => ({ part, why: 'full' as const, size: sizes(part), room: NO_ROOM })),
      ],
    }
  }
  const sizes = (id: string): [number, number] => {
    const { maxX, maxY } = bounds(byId.get(id)!.shape.outline)
    return [maxX, maxY]
  }
  const outer = parts.filter(({ id }) => !inside.has(id))
  const steps = nestSteps(outer, settings, supply, pinned, seed)
  for (;;) {
    const step = steps.next()
    if (step.done) return whole(step.value)
    yield { ...step.value, layout: whole(step.value.layout) }
  }
}

const NO_ROOM: [number, number] = [0, 0]
