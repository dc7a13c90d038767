import { z } from 'zod'
import { finish as words } from './words'

export const FINISHES = ['none', 'oil', 'wax', 'varnish', 'paint'] as const
export type FinishKind = (typeof FINISHES)[number]

/** What goes on once the glue holds; times are those of the tin's own label. */
export const finishSchema = z.strictObject({
  kind: z.enum(FINISHES),
  coats: z.number().int().min(1).max(8),
  /** From one coat to the next, hours. */
  dry: z.number().min(0.1).max(168),
  /** From the last coat until it may be used, hours. */
  hard: z.number().min(0).max(720),
  /** Inside as well, or the outside alone. */
  inside: z.boolean(),
})
export type Finish = z.infer<typeof finishSchema>

/** Where each kind begins until its label says otherwise. [FM] */
const BEGINNINGS: Record<FinishKind, Omit<Finish, 'kind' | 'inside'>> = {
  none: { coats: 1, dry: 1, hard: 0 },
  oil: { coats: 2, dry: 12, hard: 72 },
  wax: { coats: 1, dry: 1, hard: 24 },
  varnish: { coats: 3, dry: 4, hard: 72 },
  paint: { coats: 2, dry: 4, hard: 48 },
}
export const finishOf = (kind: FinishKind, inside = false): Finish => ({ kind, ...BEGINNINGS[kind], inside })

/** What one coat takes on bare wood, g/m². [FM] */
export const COAT: Record<FinishKind, number> = { none: 0, oil: 60, wax: 30, varnish: 90, paint: 120 }

/** What can hurt; the label and its safety sheet come first. */
export function finishCautions({ kind }: Pick<Finish, 'kind'>): string[] {
  const label = words.labelSafetySheet
  if (kind === 'none') return []
  if (kind === 'oil') return [words.oilyRagsCatch(label)]
  return [words.freshAirNo(label)]
}
