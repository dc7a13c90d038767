import { boxSpecSchema, edgeGroups } from '../box'
import { interferenceSchema } from '../fit'
import { copiesSchema, type Job, type Otherwise } from '../job'
import { tabWidthSchema } from '../joints'
import { limitsOf } from '../limits'

type Change = NonNullable<Otherwise['change']>
export type OtherwiseFigure = Change['figure']

/** What each figure is called where it is chosen. */
export const OTHERWISE_WORDS: Record<OtherwiseFigure, string> = {
  width: 'Width',
  depth: 'Depth',
  height: 'Height',
  interference: 'Wanted fit: interference',
  'tab width': 'Tab width',
  proud: 'Tabs proud',
  copies: 'Copies',
}

const { shape } = boxSpecSchema
/** What can be typed for each, lengths in mm. */
export const OTHERWISE_LIMITS = {
  width: limitsOf(shape.width),
  depth: limitsOf(shape.depth),
  height: limitsOf(shape.height),
  interference: limitsOf(interferenceSchema),
  'tab width': limitsOf(tabWidthSchema),
  proud: limitsOf(shape.proud),
  copies: limitsOf(copiesSchema),
} satisfies Record<OtherwiseFigure, unknown>

/** Groups of edges whose tabs are as wide as is typed. */
const typedWide = ({ box }: Job) =>
  edgeGroups(box).flatMap((group) => {
    const rule = box.tabs[group]
    return rule.rule === 'even' || rule.rule === 'fixed' ? [rule] : []
  })

/** A figure as it is now, lengths in mm; null where this box has none. */
export function figureNow(job: Job, figure: OtherwiseFigure): number | null {
  switch (figure) {
    case 'width':
    case 'depth':
      return job.box.plan ? null : job.box[figure]
    case 'height':
    case 'proud':
      return job.box[figure]
    case 'tab width':
      return typedWide(job).at(0)?.width ?? null
    case 'interference':
    case 'copies':
      return job[figure]
  }
}

/** Changes a draft of the job as it was written down; what has no such figure is left as it is. */
export function applyOtherwise(draft: Job, { figure, to }: Change): void {
  switch (figure) {
    case 'width':
    case 'depth':
    case 'height':
    case 'proud':
      draft.box[figure] = to
      break
    case 'tab width':
      for (const rule of typedWide(draft)) rule.width = to
      break
    case 'interference':
    case 'copies':
      draft[figure] = to
  }
}
