import { boxSpecSchema, edgeGroups } from '../box'
import { interferenceSchema } from '../fit'
import { copiesSchema, type Job, type Otherwise } from '../job'
import { tabWidthSchema } from '../joints'
import { limitsOf, type Limits } from '../limits'
import { otherwise as words } from './words'

type Change = NonNullable<Otherwise['change']>
export type OtherwiseFigure = Change['figure']

interface Figure {
  label: string
  /** What can be typed, lengths in mm. */
  limits: Limits
  /** As it is now, lengths in mm; null where this box has none. */
  get: (job: Job) => number | null
  set: (draft: Job, to: number) => void
}

const { shape } = boxSpecSchema

const ofBox = (
  label: string,
  name: 'width' | 'depth' | 'height' | 'proud',
  isThere: (job: Job) => boolean = () => true,
): Figure => ({
  label,
  limits: limitsOf(shape[name]),
  get: (job) => (isThere(job) ? job.box[name] : null),
  set: ({ box }, to) => void (box[name] = to),
})
const ofJob = (label: string, name: 'interference' | 'copies', limits: Limits): Figure => ({
  label,
  limits,
  get: (job) => job[name],
  set: (draft, to) => void (draft[name] = to),
})

/** Walls at an angle have lengths of their own. */
const isRectangle = ({ box }: Job): boolean => box.plan === null

/** Groups of edges whose tabs are as wide as is typed. */
const typedWide = ({ box }: Job) =>
  edgeGroups(box).flatMap((group) => {
    const rule = box.tabs[group]
    return rule.rule === 'even' || rule.rule === 'fixed' ? [rule] : []
  })

/** The figures that the next cut may begin with otherwise, where each is kept. */
export const OTHERWISE_FIGURES: Record<OtherwiseFigure, Figure> = {
  width: ofBox(words.width, 'width', isRectangle),
  depth: ofBox(words.depth, 'depth', isRectangle),
  height: ofBox(words.height, 'height'),
  interference: ofJob(words.wantedFitInterference, 'interference', limitsOf(interferenceSchema)),
  'tab width': {
    label: words.tabWidth,
    limits: limitsOf(tabWidthSchema),
    get: (job) => typedWide(job).at(0)?.width ?? null,
    set(draft, to) {
      for (const rule of typedWide(draft)) rule.width = to
    },
  },
  proud: ofBox(words.tabsProud, 'proud'),
  copies: ofJob(words.copies, 'copies', limitsOf(copiesSchema)),
}
