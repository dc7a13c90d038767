import { z } from 'zod'
import { SLITS_LIE, slitSchema } from '../bend'
import type { PanelName } from '../fittings'

/**
 * Which panels are one sheet that bends. `round corners`: all walls, three of four corners; `all round`: all
 * four, closed by a seam in the back wall. `flap`: the top, from the back wall, lies loose on the walls;
 * `book`: floor, left wall as its spine, and a loose top.
 */
export const BEND_KINDS = [
  'none',
  'back and lid',
  'wrap',
  'round corners',
  'all round',
  'flap',
  'flap over the front',
  'book',
] as const
export type BendKind = (typeof BEND_KINDS)[number]

export const bendsSchema = z.strictObject({
  kind: z.enum(BEND_KINDS),
  ...slitSchema.shape,
  /** How the slits are to lie to the face grain. */
  grain: z.enum(SLITS_LIE),
  /** Whether a wedge through a tongue of the wall holds the loose panel shut. */
  latch: z.boolean(),
})
export type Bends = z.infer<typeof bendsSchema>

/** Links that bend in sheets of about 3 mm. [FM] */
export const NO_BENDS: Bends = {
  kind: 'none',
  radius: 15,
  link: 1,
  slit: 24,
  bridge: 3,
  grain: 'along',
  latch: false,
}

/** The panels of the sheet, one after the other. One that is there twice begins and ends it: it is seamed. */
const CHAINS: Record<BendKind, PanelName[]> = {
  none: [],
  'back and lid': ['back', 'top'],
  wrap: ['back', 'top', 'front'],
  'round corners': ['left', 'front', 'right', 'back'],
  'all round': ['back', 'left', 'front', 'right', 'back'],
  flap: ['back', 'top'],
  'flap over the front': ['back', 'top', 'front'],
  book: ['floor', 'left', 'top'],
}

/** How many panels at the end of the chain open with the last fixed bend. */
const LOOSE: Partial<Record<BendKind, number>> = { flap: 1, 'flap over the front': 2, book: 1 }

interface Bent {
  bends: Pick<Bends, 'kind'>
}

/** The panels that are one bent sheet, in their order along it. */
export const chainOf = ({ bends }: Bent): PanelName[] => CHAINS[bends.kind]

/** Panels of it that are not joined to the others: they open. */
export const loosePanels = ({ bends }: Bent): PanelName[] => {
  const loose = LOOSE[bends.kind] ?? 0
  return loose > 0 ? CHAINS[bends.kind].slice(-loose) : []
}

/** Whether the sheet goes round the edge between two panels. */
export const isBent = (spec: Bent, a: PanelName, b: PanelName): boolean =>
  chainOf(spec).some((name, i, chain) => {
    const next = chain[i + 1]
    return (name === a && next === b) || (name === b && next === a)
  })

/** The panel that the sheet begins and ends in, where it goes all round: two halves of it meet at a seam. */
export const seamedPanel = (spec: Bent): PanelName | null => {
  const chain = chainOf(spec)
  return chain.length > 1 && chain[0] === chain[chain.length - 1] ? chain[0] : null
}

/** How far from the outer face of the box a bend begins, mm: the radius and the sheet. */
export const bendReach = ({ bends }: { bends: Pick<Bends, 'radius'> }, thickness: number): number =>
  bends.radius + thickness
