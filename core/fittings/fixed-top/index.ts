import { z } from 'zod'
import { problemOf, roundUp, toHalf, WEB, type Field, type LidKind } from '../fitting'

const lowered = z.number().min(0).max(500)
const fingers = z.strictObject({ type: z.literal('top-fingers') })
const outside = z.strictObject({ type: z.literal('top-outside') })
const butt = z.strictObject({ type: z.literal('top-butt'), lowered })
const tenon = z.strictObject({ type: z.literal('top-tenon'), lowered })

const LOWERED: Field = { kind: 'length', key: 'lowered', at: 'lowered', label: 'Top lowered by' }
const SEALED = 'top closed sealed shut cover'

/** A top whose tabs stand in the walls'. */
export const topFingers: LidKind<z.infer<typeof fingers>> = {
  type: 'top-fingers',
  name: 'fingers',
  title: 'closed, by fingers',
  words: SEALED,
  schema: fingers,
  of: 'box',
  fields: [],
  edge: 'fingers',
  sits: 'in',
  opens: false,
  begin: () => ({ type: 'top-fingers' }),
}

/** A top that lies on the walls, glued. */
export const topOutside: LidKind<z.infer<typeof outside>> = {
  type: 'top-outside',
  name: 'outside',
  title: 'closed, on the walls',
  words: SEALED,
  schema: outside,
  of: 'box',
  fields: [],
  edge: 'outside',
  sits: 'on the walls',
  opens: false,
  begin: () => ({ type: 'top-outside' }),
}

/** A top glued between the walls. */
export const topButt: LidKind<z.infer<typeof butt>> = {
  type: 'top-butt',
  name: 'butt',
  title: 'closed, between the walls',
  words: SEALED,
  schema: butt,
  of: 'box',
  fields: [LOWERED],
  edge: 'butt',
  sits: 'in',
  opens: false,
  begin: (_spec, _thickness, before) => ({ type: 'top-butt', lowered: before?.lowered ?? 0 }),
  lowered: (own) => own.lowered,
}

/** A top whose tenons stand in slots of the walls, below their upper edge. */
export const topTenon: LidKind<z.infer<typeof tenon>> = {
  type: 'top-tenon',
  name: 'tenon',
  title: 'closed, lowered in slots',
  words: SEALED,
  schema: tenon,
  of: 'box',
  fields: [LOWERED],
  edge: 'tenon',
  sits: 'in',
  opens: false,
  begin: (_spec, thickness, before) => ({
    type: 'top-tenon',
    lowered: Math.max(before?.lowered ?? 0, toHalf(WEB * thickness)),
  }),
  lowered: (own) => own.lowered,
  problems(own, { t }) {
    // At least half a thickness of web above a closed slot. [FM]
    const least = roundUp(Math.min(t.front, t.left) / 2)
    return own.lowered < least - 1e-9 ? [problemOf('top-tenon', 'lowered', 'near', { least })] : []
  },
  sentences: {
    near: ({ least }, say) =>
      `The top lies too near the edge for its slots. Make it at least ${say.short(least, 1)}.`,
  },
}
