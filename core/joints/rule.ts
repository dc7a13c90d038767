import { z } from 'zod'
import { rule as words } from './words'

/** Width of a tab, and counts of tabs or of shares along an edge. */
export const tabWidthSchema = z.number().min(0.5).max(1000)
export const shareCountSchema = z.number().int().min(2).max(199)
export const tabCountSchema = z.number().int().min(1).max(99)
const width = tabWidthSchema

/** Whose tabs a rule speaks of: the panel that leads the edge, or the other one. */
export const TAB_OWNERS = ['leading', 'other'] as const
const of = z.enum(TAB_OWNERS)
export type TabOwner = z.infer<typeof of>

/** Most entries of a typed pattern. */
const MOST_WIDTHS = 99

/** How the edges of one group are shared out. Widths in mm. */
export const edgeRuleSchema = z.discriminatedUnion('rule', [
  /** An odd count of equal shares, as near to the wanted width as can be. */
  z.strictObject({ rule: z.literal('even'), width }),
  /** Shares of just that width, and equal remainders at both ends. */
  z.strictObject({ rule: z.literal('fixed'), width }),
  /** So many equal shares, tabs and notches together. */
  z.strictObject({ rule: z.literal('shares'), count: shareCountSchema }),
  /** So many tabs of one panel, as wide as what is between and beside them. */
  z.strictObject({ rule: z.literal('tabs'), count: tabCountSchema, of }),
  /** One tab in the middle. */
  z.strictObject({ rule: z.literal('centre'), width, of }),
  /** Tab, notch, tab … as listed, in the middle of the edge. */
  z.strictObject({
    rule: z.literal('pattern'),
    widths: z
      .array(width)
      .min(1)
      .max(MOST_WIDTHS)
      .refine((list) => list.length % 2 === 1, words.beginsEndsTab),
    of,
  }),
])
export type EdgeRule = z.infer<typeof edgeRuleSchema>
export type RuleName = EdgeRule['rule']
export const RULE_NAMES: RuleName[] = ['even', 'fixed', 'shares', 'tabs', 'centre', 'pattern']

/** A rule by name that begins with about what another one made. */
export function ruleLike(name: RuleName, before: EdgeRule): EdgeRule {
  const first = before.rule === 'pattern' ? before.widths[0] : 'width' in before ? before.width : 9
  const of = 'of' in before ? before.of : 'other'
  const rules: Record<RuleName, EdgeRule> = {
    even: { rule: 'even', width: first },
    fixed: { rule: 'fixed', width: first },
    shares: { rule: 'shares', count: before.rule === 'tabs' ? 2 * before.count + 1 : 7 },
    tabs: {
      rule: 'tabs',
      count: before.rule === 'shares' ? Math.max(1, Math.floor(before.count / 2)) : 3,
      of,
    },
    centre: { rule: 'centre', width: first, of },
    pattern: { rule: 'pattern', widths: [first, first, first], of },
  }
  return rules[name]
}
