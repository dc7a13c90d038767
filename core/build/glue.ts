import { z } from 'zod'
import { glue as words } from './words'

export const GLUES = ['wood glue', 'slow wood glue', 'instant glue', 'solvent cement'] as const
export type GlueKind = (typeof GLUES)[number]

/** What a box is glued with; times are those of the bottle's own label. */
export const glueSchema = z.strictObject({
  kind: z.enum(GLUES),
  /** From spreading it until the joint must be closed and square, minutes. */
  open: z.number().min(0.1).max(240),
  /** How long it must be held, minutes. */
  hold: z.number().min(0.1).max(1440),
  /** Until it may be loaded, hours. */
  full: z.number().min(0).max(336),
})
export type Glue = z.infer<typeof glueSchema>

/**
 * Where each kind begins until its label says otherwise. That wood glue holds a small box after 5 to 10
 * minutes is common practice, no source; the rest is from memory, and labels differ.
 */
const BEGINNINGS: Record<GlueKind, Omit<Glue, 'kind'>> = {
  'wood glue': { open: 5, hold: 10, full: 24 },
  'slow wood glue': { open: 15, hold: 40, full: 24 },
  'instant glue': { open: 0.5, hold: 1, full: 24 },
  'solvent cement': { open: 0.5, hold: 5, full: 48 },
}
export const glueOf = (kind: GlueKind): Glue => ({ kind, ...BEGINNINGS[kind] })

/**
 * Thin glues are not spread: the box is put together dry and square, and they run into the closed joints. So
 * nothing can be too late.
 */
export const runsIn = ({ kind }: Pick<Glue, 'kind'>): boolean =>
  kind === 'instant glue' || kind === 'solvent cement'

/** What can hurt; the label and its safety sheet come first. */
export function glueCautions({ kind }: Pick<Glue, 'kind'>): string[] {
  const label = words.labelSafetySheet
  if (kind === 'solvent cement') return [words.solventCementVapour(label)]
  if (kind === 'instant glue') return [words.instantGlueJoins(label)]
  return [words.woodGlueHolds]
}

/** What is said of a kind on this stock; null where it suits it. @param family of the stock */
export function glueDoubt({ kind }: Glue, family: string): string | null {
  const isAcrylic = family === 'acrylic'
  if (isAcrylic && kind !== 'solvent cement') return words.acrylicTakesSolvent
  if (!isAcrylic && kind === 'solvent cement') return words.solventCementJoins
  if (kind === 'instant glue') return words.instantGlueQuick
  return null
}
