import { z } from 'zod'
import type { Say } from '../length'
import type { FittingProblem, Site } from './fitting'
import {
  fittingSchema,
  isLid,
  kindOfFitting,
  lidNamed,
  type Fitting,
  type FittingOf,
  type FittingType,
  type Lid,
} from './registry'
import type { Base } from './shell'

const MOST_FITTINGS = 40
/** All that is added to a box: one of a kind, and one thing that closes it. */
export const fittingsSchema = z
  .array(fittingSchema)
  .max(MOST_FITTINGS)
  .superRefine((list, context) => {
    const say = (message: string): void => context.addIssue({ code: 'custom', message })
    if (list.filter(isLid).length > 1) say('closes the box twice')
    const twice = list.find(({ type }, i) => list.findIndex((each) => each.type === type) < i)
    if (twice) say(`has ${kindOfFitting(twice.type).title} twice`)
  })

interface Fitted {
  fittings: readonly Fitting[]
}

/** The fitting of a type that a box has; null where it has none. */
export const fittingOf = <T extends FittingType>({ fittings }: Fitted, type: T): FittingOf<T> | null =>
  (fittings.find((each) => each.type === type) as FittingOf<T> | undefined) ?? null

/** What closes a box; null for an open one. */
export const lidOf = ({ fittings }: Fitted): Lid | null => fittings.find(isLid) ?? null

/** A list with a fitting put in, in the place of one of its type or of another lid. */
export function withFitting(fittings: readonly Fitting[], own: Fitting): Fitting[] {
  const isSame = (each: Fitting): boolean => each.type === own.type || (isLid(own) && isLid(each))
  const at = fittings.findIndex(isSame)
  return at < 0 ? [...fittings, own] : fittings.with(at, own)
}
export const withoutFitting = (fittings: readonly Fitting[], type: FittingType): Fitting[] =>
  fittings.filter((each) => each.type !== type)

/** A fitting as a maker would begin it on a box. @param before settings of it, or of another lid, to keep */
export const defaultFitting = <T extends FittingType>(
  type: T,
  spec: Base,
  thickness: number,
  before: Partial<FittingOf<T>> = {},
): FittingOf<T> => kindOfFitting(type).begin(spec, thickness, before as never) as FittingOf<T>

/** What closes a box, by its name, with what the box's lid before it has in common kept. */
export const lidBegun = (name: string, spec: Base & Fitted, thickness: number, more: object = {}): Lid =>
  lidNamed(name).begin(spec, thickness, { ...lidOf(spec), ...more } as never)

/** Why the fittings of a box cannot be made. */
export const fittingProblems = (fittings: readonly Fitting[], site: Site): FittingProblem[] =>
  fittings.flatMap((own) => kindOfFitting(own.type).problems?.(own, site) ?? [])

export const fittingSentence = ({ fitting, why, figures }: FittingProblem, say: Say): string =>
  kindOfFitting(fitting as FittingType).sentences![why](figures, say)
