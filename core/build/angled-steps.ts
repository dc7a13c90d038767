import { leavesOf, TOP_IDS, wallIndex, type Angled } from '../angled'
import { axesOf, plateOrder, touchingArea, type Panel, type PlateArrival } from '../assembly'
import type { Box } from '../box'
import { dot, type Vector } from '../geometry'
import { capitalised } from '../length'
import { looseText } from './loose-text'
import type { BuildStep } from './step'
import { angledSteps as words } from './words'

const isWall = (id: string): boolean => wallIndex(id) >= 0

/** The floor, the walls one after another, the top. */
const wantedOf = (panels: Panel[]): string[] => {
  const ids = panels.map(({ id }) => id)
  const inside = ids.filter((id) => id.startsWith('divider-'))
  return ['floor', ...inside, ...ids.filter(isWall), 'lip', ...TOP_IDS].filter((id) => ids.includes(id))
}

/** Which side a wall comes in from, by the way its outside face looks. */
function sideOf(from: Vector, outward: Vector): string {
  const off = dot(from, outward)
  if (off > 0.99) return words.straightOutsideSquare
  return off < -0.99 ? 'straight from inside' : words.straightAlongOwn
}

function textOf({ id, from, standing }: PlateArrival, label: string, walls: number, outward: Vector): string {
  if (id === 'floor' && !from) return words.layFloorOutside
  if (!from) return words.beginOutsideFace(label)
  if (TOP_IDS.some((each) => each !== id && standing.includes(each)) && TOP_IDS.includes(id))
    return words.pressSquareOwn(label)
  if (id === 'top') return words.pressTopAbove
  if (id.startsWith('divider-'))
    return standing.some((each) => each.startsWith('divider-'))
      ? words.lowerOverOthers(label)
      : words.standPlaceWalls(label)
  if (id === 'floor') return words.pushFloorBelow
  const stands = standing.filter(isWall)
  const way = sideOf(from, outward)
  if (stands.length === 0 && standing.includes('floor')) return words.pushOntoFloor(label, way)
  if (stands.length === walls - 1) return words.closesBoxStart(capitalised(label))
  const meets = standing.includes('floor') ? words.floorWallBeside : words.wallBeside
  return words.pushEnters(label, way, meets)
}

/** What square edges ask for at corners that are not square, once all stands. */
function edgesText({ faces, joints }: Angled): string {
  const { gap, proud } = leavesOf({ faces, joints })
  const asked = [
    ...(proud > 0.05 ? [words.tabEndsStand] : []),
    ...(gap > 0.05 ? [words.squareEdgesLeave] : []),
  ]
  return asked.map((sentence) => ` ${sentence}`).join('')
}

/** The order in which a box with walls at any angle goes together. */
export function angledSteps(
  { assembly, angled }: Box & { angled: Angled },
  panels: Panel[],
): BuildStep[] | { locked: string[] } {
  const found = plateOrder(panels, wantedOf(panels))
  if ('locked' in found) return found
  const labels = new Map(panels.map(({ id, label }) => [id, label]))
  const walls = panels.filter(({ id }) => isWall(id)).length
  const outwardOf = (id: string): Vector => axesOf(panels.find((panel) => panel.id === id)!)[2]
  return found.arrivals.map((arrival, i): BuildStep => {
    const { id, standing, from } = arrival
    const label = labels.get(id)!
    const isClosed = ({ parts }: { parts: [string, string] }): boolean =>
      parts.includes(id) && parts.every((each) => each === id || standing.includes(each))
    const mate = ({ parts }: { parts: [string, string] }): string =>
      labels.get(parts.find((each) => each !== id)!)!
    const [joints, contacts] = [assembly.joints.filter(isClosed), assembly.contacts.filter(isClosed)]
    const isLast = i === found.arrivals.length - 1
    return {
      id,
      panel: id,
      panels: [id],
      standing,
      title: `${i + 1}. ${capitalised(label)}`,
      text:
        (looseText(assembly, id, 'from above') ?? textOf(arrival, label, walls, outwardOf(id))) +
        (isLast ? edgesText(angled) : ''),
      glue: [
        ...joints.map((joint) => ({ with: mate(joint), area: touchingArea(joint, assembly, panels) })),
        ...contacts.map((contact) => ({ with: mate(contact), area: contact.area })),
      ],
      dry: [],
      ends: 'none', // its own words say it, at the last step
      ...(from ? { from } : {}),
    }
  })
}
