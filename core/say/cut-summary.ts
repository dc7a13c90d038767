import { isBare, type Faces } from '../art'
import type { DerivedBox, DerivedThing, LoadPlan } from '../derive'
import { kindOfLid, lidOf } from '../fittings'
import type { Job } from '../job'
import { capitalised, counted, type Say } from '../length'
import { labelWords } from './label-words'

/** What lies on top of a box, in a word or two. */
function topWords({ made }: Pick<DerivedBox, 'made'>): string {
  if (!made) return ''
  const lid = lidOf(made.spec)
  if (!lid) return 'no lid'
  const { opens, title } = kindOfLid(lid)
  return opens ? `a ${title}` : 'closed on top'
}

const marked = (faces: Faces | undefined, side: keyof Faces): boolean =>
  Boolean(faces && !isBare(faces[side]))

/** What is about to be cut, in plain words: outside size, lid, what is done to which face. */
export function cutSummary(job: Job, things: DerivedThing[], loads: LoadPlan[], say: Say): string[] {
  const boxes = things.map(({ thing, box }) => {
    const { outer } = box.sizes
    const name = things.length > 1 ? `${thing.name}: ` : ''
    const copies = thing.copies > 1 ? `${counted(thing.copies, 'copy', 'copies')}, ` : ''
    const said = `${name}${copies}outside ${say.size([outer.x, outer.y, outer.z], 1)}, ${topWords(box)}.`
    return capitalised(said)
  })
  const panels = things.flatMap(({ box }) => box.panels ?? [])
  const sides = (['outside', 'inside'] as const).filter((side) =>
    panels.some(({ faces }) => marked(faces, side)),
  )
  const engraved = sides.length > 0 ? [`Something is burnt into the ${sides.join(' and the ')}.`] : []
  return [...boxes, ...engraved, labelWords(job.cut, loads)]
}
