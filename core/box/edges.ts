import type { Axis, Claim, Corner, Joint } from '../assembly'
import { thirdAxis } from '../assembly'
import {
  buttClaims,
  claimsOf,
  fingerShares,
  grooveClaims,
  lapClaims,
  tenonClaims,
  tenonShares,
  type EdgeRule,
  type Pattern,
} from '../joints'
import { isBent, loosePanels } from './bends'
import { latchClaims } from './latch'
import { frontTop, kindOfLid, lidOf, SIDES, WALLS } from '../fittings'
import { bendLimit, isOnWalls, isOverFront, slab, type Shell } from './shell'
import { canDiffer, edgeId, isFlush, kindOf, type BoxSpec, type EdgeGroup, type PanelName } from './spec'

/** A joint of the shell, with the group of edges that it belongs to. */
export interface Edge extends Joint {
  group: EdgeGroup
}

/**
 * Who leads an edge and owns its ends: the leading walls before the other ones, walls before floor and top.
 */
function rankOf({ corners }: BoxSpec, name: PanelName): number {
  if (!WALLS.includes(name)) return 0
  const pair = SIDES[name].axis === 'y' ? 'front and back' : 'left and right'
  return corners.leads === pair ? 2 : 1
}

/** Opposite edges, when mirrored, run the other way round: those of the back and of the right. */
const isFar = (panels: PanelName[], along: Axis): boolean => panels.includes(along === 'x' ? 'back' : 'right')

interface Line {
  from: number
  to: number
  /** Where the sharing begins and ends. */
  start: number
  end: number
}

type Made = Pick<Joint, 'kind' | 'claims' | 'depth' | 'between' | 'slots' | 'shares'> &
  Partial<Pick<Joint, 'play'>>

const THROUGH: Pick<Joint, 'depth' | 'between' | 'slots'> = {
  depth: null,
  between: 'glue',
  slots: [false, false],
}

function fingers(rule: EdgeRule, { from, to, start, end }: Line, pattern: Pattern): Made {
  const shares = fingerShares(rule, end - start, pattern)
  const claims = claimsOf(shares, start, from, to)
  return { ...THROUGH, kind: 'fingers', claims, shares: shares.widths }
}

const butt = ({ from, to }: Line, laps: 0 | 1): Made => ({
  ...THROUGH,
  kind: 'butt',
  claims: buttClaims(from, to, laps),
  shares: [to - from],
})

function tenons(rule: EdgeRule, { from, to }: Line, pattern: Pattern): Made {
  const shares = tenonShares(rule, to - from, pattern)
  const claims: Claim[] = tenonClaims(shares, from, to)
  return { ...THROUGH, kind: 'tenon', claims, shares, slots: [true, false] }
}

function lapped({ from, to }: Line): Made {
  const claims = lapClaims({ from, to }, { from, to })
  return {
    kind: 'lap',
    claims,
    depth: null,
    between: 'slide',
    slots: [true, true],
    shares: claims.map((claim) => claim.to - claim.from),
  }
}

const groove = ({ from, to }: Line, depth: number): Made => ({
  kind: 'groove',
  claims: grooveClaims(from, to),
  depth,
  between: 'glue',
  slots: [true, false],
  shares: [to - from],
})

/** The line that two panels of the shell meet along; it ends where one of them bends. */
function lineOf(shell: Shell, panels: PanelName[], along: Axis, full: boolean): Line {
  const line = straightLine(shell, panels, along, full)
  const limits = (end: 'low' | 'high'): number[] =>
    shell.names
      .filter((name) => SIDES[name].axis === along && SIDES[name].end === end)
      .flatMap((third) => panels.flatMap((name) => bendLimit(shell, name, third) ?? []))
  const from = Math.max(line.from, ...limits('low'))
  const to = Math.min(line.to, ...limits('high'))
  return from === line.from && to === line.to ? line : { from, to, start: from, end: to }
}

function straightLine(shell: Shell, panels: PanelName[], along: Axis, full: boolean): Line {
  const { spec, outer, room } = shell
  const t = shell.materials.mean
  if (along !== 'z') {
    const [from, to] = [room.min[along], room.max[along]]
    return { from, to, start: from, end: to }
  }
  const from = isFlush(spec, 'floor', t) || spec.floor.kind === 'outside' ? room.min.z : 0
  const isUnder = isFlush(spec, 'top', t) || isOnWalls(spec, t)
  // A lid slides over the front wall, and in the others.
  const isBelow = isOverFront(spec) ? panels.includes('front') : isUnder
  const rim = panels.includes('front') ? frontTop(shell) : outer.z
  const to = isBelow ? slab(shell, 'top')[0] : rim
  return full ? { from, to, start: 0, end: rim } : { from, to, start: from, end: to }
}

/** How the shell's joint between these panels is made; null where they only lie on each other. */
function makeJoint(
  shell: Shell,
  group: EdgeGroup,
  panels: [PanelName, PanelName],
  line: Line,
  along: Axis,
): Made | null {
  const { spec, materials } = shell
  const pattern = { mirrored: spec.tabs.mirrored && isFar(panels, along), keyed: spec.tabs.keyed }
  const rule = spec.tabs[group]
  const kind = kindOf(spec, group)
  const own = spec.edges[edgeId(...panels)]
  if (own && canDiffer(kind)) {
    if (own.kind === 'butt') return butt(line, 0)
    return kind === 'tenon' || kind === 'lap'
      ? tenons(own.rule, line, pattern)
      : fingers(own.rule, line, pattern)
  }
  switch (kind) {
    case 'fingers':
      return fingers(rule, line, pattern)
    case 'butt':
      return butt(line, 0)
    case 'outside':
      return isFlush(spec, group === 'floor' ? 'floor' : 'top', materials.mean) ? butt(line, 1) : null
    case 'lap':
      return lapped(line)
    case 'tenon':
      return tenons(rule, line, pattern)
    case 'groove':
      return groove(line, spec.floor.depth)
    default:
      return group === 'top' ? joinedByLid(shell, panels[0]) : null
  }
}

/** The joint that a lid says itself that it has with a wall. */
function joinedByLid(shell: Shell, wall: PanelName): Made | null {
  const lid = lidOf(shell.spec)
  return (lid && kindOfLid(lid).joinTo?.(lid, shell, wall)) ?? null
}

function makeEdge(shell: Shell, a: PanelName, b: PanelName): Edge | null {
  const { spec } = shell
  const panels: [PanelName, PanelName] = rankOf(spec, a) >= rankOf(spec, b) ? [a, b] : [b, a]
  const along = thirdAxis(SIDES[a].axis, SIDES[b].axis)
  const group = along === 'z' ? 'uprights' : panels[1] === 'top' ? 'top' : 'floor'
  const full = group === 'uprights' && spec.tabs.over === 'full' && spec.corners.kind === 'fingers'
  if (isBent(spec, a, b)) return null
  const line = lineOf(shell, panels, along, full)
  const loose = panels.findIndex((name) => loosePanels(spec).includes(name))
  // A flap lies on the walls: it covers their ends, and nothing holds it there.
  const made: Made | null =
    loose >= 0
      ? {
          ...butt(line, loose as 0 | 1),
          claims: latchClaims(shell, panels, buttClaims(line.from, line.to, loose as 0 | 1)),
          between: 'slide',
          play: { walls: 0, ends: 0, bottom: 0 },
        }
      : makeJoint(shell, group, panels, line, along)
  if (!made) return null
  return {
    ...made,
    id: edgeId(a, b),
    parts: panels,
    along,
    group,
    full,
    play: made.play ?? { walls: spec.play.slots, ends: spec.play.laps, bottom: 0 },
    proud: made.kind !== 'lap' && made.kind !== 'groove',
  }
}

/** Every joint between walls, floor and top. */
export function makeEdges(shell: Shell): Edge[] {
  return shell.names.flatMap((a, i) =>
    shell.names
      .slice(i + 1)
      .flatMap((b) => (SIDES[a].axis === SIDES[b].axis ? [] : (makeEdge(shell, a, b) ?? []))),
  )
}

const endClaim = (edges: Edge[], a: PanelName, b: PanelName, third: PanelName): PanelName | null => {
  const { claims, parts } = edges.find(({ parts }) => parts.includes(a) && parts.includes(b))!
  const { owner } = claims[SIDES[third].end === 'low' ? 0 : claims.length - 1]
  return owner === null ? null : (parts[owner] as PanelName)
}

/**
 * A corner goes to the panel that owns most of the claims beside it, the leading one on a tie: it would be a
 * loose crumb otherwise. Where an upright is shared out over the full height, its own end reaches through
 * the corner.
 */
function makeCorner(shell: Shell, edges: Edge[], parts: [PanelName, PanelName, PanelName]): Corner {
  const [a, b, c] = parts
  const beside = [endClaim(edges, a, b, c), endClaim(edges, b, c, a), endClaim(edges, c, a, b)]
  const votes = (name: PanelName): number => beside.filter((owner) => owner === name).length
  const isFull = edges.find((edge) => edge.parts.includes(a) && edge.parts.includes(b))!.full
  const rank = (name: PanelName): number => rankOf(shell.spec, name)
  const owner = isFull ? beside[0]! : [...parts].sort((p, q) => votes(q) - votes(p) || rank(q) - rank(p))[0]
  return { parts, owner }
}

/** Whether a bend goes round one of the edges of a corner: there is no corner then. */
const isBentCorner = (spec: BoxSpec, [a, b, c]: [PanelName, PanelName, PanelName]): boolean =>
  isBent(spec, a, b) || isBent(spec, b, c) || isBent(spec, c, a)

/** Every corner where three panels of the shell meet. */
export function makeCorners(shell: Shell, edges: Edge[]): Corner[] {
  const flat = (['floor', 'top'] as const).filter((name) => isFlush(shell.spec, name, shell.materials.mean))
  return (['left', 'right'] as const).flatMap((x) =>
    (['front', 'back'] as const).flatMap((y) =>
      flat.flatMap((z) => (isBentCorner(shell.spec, [x, y, z]) ? [] : [makeCorner(shell, edges, [x, y, z])])),
    ),
  )
}
