import { leavesOf, TOP_IDS, wallIndex, type Angled } from '../angled'
import { axesOf, plateOrder, touchingArea, type Panel, type PlateArrival } from '../assembly'
import type { Box } from '../box'
import { dot, type Vector } from '../geometry'
import { capitalised } from '../length'
import { looseText } from './loose-text'
import type { BuildStep } from './step'

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
  if (off > 0.99) return 'straight from outside, square to its own face'
  return off < -0.99 ? 'straight from inside' : 'straight along its own face'
}

function textOf({ id, from, standing }: PlateArrival, label: string, walls: number, outward: Vector): string {
  if (id === 'floor' && !from) return 'Lay the floor with its outside face down.'
  if (!from) return `Begin with ${label}, its outside face down.`
  if (TOP_IDS.some((each) => each !== id && standing.includes(each)) && TOP_IDS.includes(id))
    return `Press ${label} on, square to its own face: it closes the ridge as it goes down on the walls.`
  if (id === 'top') return 'Press the top on from above, evenly all round.'
  if (id.startsWith('divider-'))
    return standing.some((each) => each.startsWith('divider-'))
      ? `Lower ${label} over the others, slot into slot.`
      : `Stand ${label} in its place; the walls will hold it.`
  if (id === 'floor') return 'Push the floor in from below, evenly all round.'
  const stands = standing.filter(isWall)
  const way = sideOf(from, outward)
  if (stands.length === 0 && standing.includes('floor')) return `Push ${label} onto the floor, ${way}.`
  if (stands.length === walls - 1)
    return (
      `${capitalised(label)} closes the box. Start all its tabs by hand, on both sides, ` +
      'before pushing any one home.'
    )
  const meets = standing.includes('floor')
    ? 'the floor and the wall beside it, together'
    : 'the wall beside it'
  return `Push ${label} on, ${way}: it enters ${meets}.`
}

/** What square edges ask for at corners that are not square, once all stands. */
function edgesText({ faces, joints }: Angled): string {
  const { gap, proud } = leavesOf({ faces, joints })
  const stands =
    proud > 0.05 ? ' Tab ends stand out at the slanted corners: sand them flush once the glue has set.' : ''
  const open =
    gap > 0.05 ? ' Square edges leave a thin wedge open there: glue with fine sanding dust closes it.' : ''
  return `${stands}${open}`
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
