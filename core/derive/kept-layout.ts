import type { Layout } from '../nest'
import type { Arrangement, Job } from '../job'
import { layoutSignature, type Part } from './parts'

/** A layout of all stocks of a job; sheets are counted within their stock, as they are used. */
export type Arranged = Layout & Pick<Arrangement, 'offcuts'>

/** A layout as a job keeps it. */
export const keepLayout = (layout: Arranged, parts: Part[], job: Job): Arrangement => ({
  signature: layoutSignature(parts, job),
  byHand: false,
  ...layout,
})

/** Whether a layout is of these parts, by these settings. */
export const isLayoutOf = ({ signature }: Arrangement, job: Job, parts: Part[]): boolean =>
  signature === layoutSignature(parts, job)

/** Whether the layout that a job keeps was made for other parts, or is none. */
export const needsLayout = (job: Job, parts: Part[]): boolean => {
  const { arrangement } = job.layout
  return !arrangement || !isLayoutOf(arrangement, job, parts)
}

/** The same job with a layout. */
export const withLayout = (job: Job, arrangement: Arrangement): Job => ({
  ...job,
  layout: { ...job.layout, arrangement },
})
