import { posed, standingOf, type Body, type Joint, type Panel, type Stand } from '../assembly'
import { nextThingId, thingsOf, withThings, type Job, type Thing } from '../job'
import type { Say } from '../length'
import { isSameRecord } from '../limits'
import {
  arrangeWhole,
  wholeSentence,
  type Arranged,
  type Member,
  type Place,
  type WholeProblem,
} from '../whole'
import type { DerivedBox } from './box'
import { drawnPanels } from './drawn'
import type { Settled } from './follow'
import { materialsOf, thicknessesOf } from './materials'
import { boxOf, deriveThings, type DerivedThing } from './things'

type WholeJob = Pick<Job, 'measure' | 'whole' | 'thing' | 'copies' | 'box' | 'also'>

/** Boxes of different sizes that may stand in each other: each is proven against all others. */
const MOST_MEMBERS = 20

/** The boxes of a job as its whole says, and where they stand; null where it says nothing. */
function arrangedOf(job: WholeJob): { arranged: Arranged } | { problem: WholeProblem } | null {
  if (!job.whole) return null
  const materials = materialsOf(job.measure, 'paths')
  const given = ({ box }: Thing) => ({ box, materials: thicknessesOf(box.stocks, materials) })
  const [first, other = first] = thingsOf(job)
  const result = arrangeWhole(job.whole, { first: given(first), other: given(other) })
  if (!result.ok) return { problem: result.problem }
  const { members } = result.arranged
  if (members.length > MOST_MEMBERS) {
    const what = { kind: 'too many' as const, members: members.length, most: MOST_MEMBERS }
    return { problem: { field: 'columns', what } }
  }
  return { arranged: result.arranged }
}

/** Names that members are given; one that the maker typed stays. */
const GIVEN_NAME = /^(case|drawer|box|cap|tray|lower half|upper half)( [A-Z])?$/

/** A thing as its member says; itself where it is so already. */
function fitted(thing: Thing, { name, copies, fixed }: Member): Thing {
  const fresh = fixed(thing.box)
  const box = isSameRecord(fresh, thing.box) ? thing.box : fresh
  return { ...thing, name: GIVEN_NAME.test(thing.name) ? name : thing.name, copies, box }
}

/**
 * A job whose things are as its whole says: added, taken away, sized.
 * @returns or one sentence: why they cannot stand in each other
 */
export function settleWhole(job: Job, say: Say): Settled {
  const found = arrangedOf(job)
  if (!found) return { ok: true, job }
  if ('problem' in found) return { ok: false, error: wholeSentence(found.problem, say) }
  const { members } = found.arranged
  const before = thingsOf(job)
  // Sizes of a hand stay, as long as there are as many boxes as the whole has of its own.
  const isByHand = job.whole?.byHand === true && before.length === members.length
  let grown: Job = withThings(job, before.slice(0, members.length))
  for (let i = before.length; i < members.length; i++) {
    const like = before[before.length - 1]
    const more: Thing = { ...like, id: nextThingId(grown), name: members[i].name }
    grown = withThings(grown, [...thingsOf(grown), more])
  }
  const things = thingsOf(grown).map((thing, i) =>
    isByHand ? { ...thing, copies: members[i].copies } : fitted(thing, members[i]),
  )
  const settled = withThings(grown, things)
  return { ok: true, job: isSameRecord(settled, job) ? job : settled }
}

/** A box of a whole where it stands. */
interface Posed {
  place: Place
  thing: string
  panels: Panel[]
  joints: Joint[]
}

/** All boxes of a whole where they stand. */
export interface Scene {
  posed: Posed[]
}

/** The id of a panel of the whole. */
const inScene = (place: number, panel: string): string => `${place}/${panel}`

function poseThing({ thing, box }: DerivedThing, place: Place, i: number, isOnly: boolean): Posed {
  const label = (own: string): string => (isOnly ? own : `${place.label}, ${own}`)
  const panels = box.panels!.map((panel) => ({
    ...panel,
    id: inScene(i, panel.id),
    label: label(panel.label),
    frame: posed(place.pose, panel.frame),
  }))
  const joints = box
    .made!.assembly.joints.filter(({ depth }) => depth !== null)
    .map((joint) => ({
      ...joint,
      parts: [inScene(i, joint.parts[0]), inScene(i, joint.parts[1])] as [string, string],
    }))
  return { place, thing: thing.id, panels, joints }
}

/** The boxes of a whole where they stand; null where there is no whole, or one of them cannot be made. */
export function sceneOf(job: WholeJob, things: DerivedThing[]): Scene | null {
  const found = arrangedOf(job)
  if (!found || 'problem' in found || things.some(({ box }) => !box.panels)) return null
  const { places, members } = found.arranged
  if (members.length !== things.length) return null
  return { posed: places.map((place, i) => poseThing(things[place.member], place, i, places.length === 1)) }
}

/** A box as it is drawn in space; null where it cannot be made. */
export const panelsDrawn = ({ made, panels }: Pick<DerivedBox, 'made' | 'panels'>): Panel[] | null =>
  made && panels ? drawnPanels(made, panels) : null

/** What a job is shown as: its whole where there is one, else its box; null where that cannot be made. */
export function panelsShown(job: Job): Panel[] | null {
  const scene = job.whole && sceneOf(job, deriveThings(job))
  if (scene) return scene.posed.flatMap(({ panels }) => panels)
  return panelsDrawn(boxOf(job))
}

/** How the boxes of a whole stand in each other: what strikes what, and how much room there is. */
export const standsOf = ({ posed: boxes }: Scene): Stand[] =>
  standingOf(
    boxes.map(({ place, panels, joints }): Body => ({
      label: place.label,
      panels,
      joints,
      group: place.group,
    })),
  )
