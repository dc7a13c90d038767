import { bounds, shiftPoints, turnPoints, type Point, type Turn } from '../geometry'
import { poseShape, poseShift } from './pack'
import { shapeFor, turnsOf, type NestPart, type NestRules, type Placement } from './types'

/** A part that moves with another one, told from that one while it is not turned. */
export interface Hosted {
  host: string
  part: string
  turn: Turn
  /** Its middle, mm. */
  at: Point
}

/** Turns that keep to the grain whichever way the host comes to lie. */
export function hostedTurns(part: NestPart, host: NestPart, rules: NestRules): Turn[] {
  const own = turnsOf(part, rules)
  const hosts = turnsOf(host, rules)
  const all: Turn[] = [0, 90, 180, 270]
  return all.filter((turn) => hosts.every((by) => own.includes((turn + by) % 360)))
}

/** Where a part within lies once its host is placed. */
export function placedWithHost(
  { part, turn, at }: Hosted,
  host: Placement,
  byId: Map<string, NestPart>,
): Placement {
  const own = (turn + host.turn) % 360
  const { dx, dy } = poseShift(shapeFor(byId.get(host.part)!, host.turn), host.turn)
  const [middle] = shiftPoints(turnPoints([at], host.turn), dx + host.x, dy + host.y)
  const { maxX, maxY } = bounds(poseShape(shapeFor(byId.get(part)!, own), own).outline)
  return {
    part,
    sheet: host.sheet,
    x: middle.x - maxX / 2,
    y: middle.y - maxY / 2,
    turn: own,
    pinned: false,
  }
}
