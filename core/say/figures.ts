import { lidOf } from '../fittings'
import { edgeGroups, sharesLine, type EdgeGroup } from '../box'
import type { EdgeRule } from '../joints'
import { usedOf, type Derived } from '../derive'
import { WANTED_FITS } from '../fit'
import type { Job } from '../job'
import { counted, fixed, formatDuration, percent, short, type Say } from '../length'
import type { Clock } from '../plan'
import { settingWords } from '../tune'
import { expectedOf, timeWords } from './time'

/**
 * One figure of the knock-on strip. `values` are what a change is measured by; none while it is not known.
 */
export interface StripFigure {
  id: string
  label: string
  text: string
  values: number[]
  /** How much a value changed, in the figure's own unit. */
  change: (by: number, index: number) => string
  /** A change smaller than this is none. */
  least: number
}

/**
 * By how much a figure moved from what it was before, in its own unit; empty when it did not or cannot be
 * told.
 */
export function movedBy({ values, change, least }: StripFigure, before: StripFigure | undefined): string {
  if (values.length === 0 || before?.values.length !== values.length) return ''
  return values
    .map((value, i) => ({ by: value - before.values[i], i }))
    .filter(({ by }) => Math.abs(by) >= least)
    .map(({ by, i }) => change(by, i))
    .join(', ')
}

const signed = (text: string, by: number): string => `${by > 0 ? '+' : '−'}${text.replace(/^−/, '')}`
const plain = (by: number): string => signed(short(Math.abs(by)), by)

function insideFigure({ box }: Derived, say: Say): StripFigure {
  const { x, y, z } = box.sizes.inner
  const known = box.panels !== null
  const names = ['wide', 'deep', 'high']
  return {
    id: 'inside',
    label: 'Inside',
    text: known ? say.size([x, y, z], 1) : 'none',
    values: known ? [x, y, z] : [],
    change: (by, i) => `${signed(say.shortPlain(Math.abs(by), 2), by)} ${names[i]}`,
    least: 0.005,
  }
}

/** How the joints fit; by its name where another kind than the tabs is the one in doubt. */
const fitHeadline = ({ word, odds, gap, weakest }: Derived['fit'], say: Say): string =>
  weakest
    ? `${weakest.label}: ${weakest.likeliest}, go in ${percent(weakest.odds)}`
    : `${word} ${percent(odds[word])}, ${say.fine(gap)}`

/** What an edit knocks on to. Money has no currency: the maker knows theirs. */
export function stripFigures(derived: Derived, clock: Clock | null, say: Say): StripFigure[] {
  const { box, things, fit, plan, use } = derived
  const [sheets, offcuts] = [use?.sheets ?? 0, use?.offcuts ?? 0]
  const parts = things.reduce((sum, each) => sum + each.box.pieces.length * each.thing.copies, 0)
  const price = Math.max(0, ...box.materials.map(({ stock }) => stock?.pricePerSheet ?? 0))
  const cost = usedOf(derived).reduce((sum, each) => sum + each.cost, 0)
  return [
    insideFigure(derived, say),
    {
      id: 'fit',
      label: 'Fit',
      text: fitHeadline(fit, say),
      values: [fit.gap],
      change: (by) => `${signed(say.finePlain(Math.abs(by)), by)} ${say.lengthUnit}`,
      least: 0.0005,
    },
    { id: 'parts', label: 'Parts', text: String(parts), values: [parts], change: plain, least: 1 },
    {
      id: 'sheets',
      label: 'Sheets',
      text: use
        ? `${sheets}${offcuts > 0 ? ` + ${counted(offcuts, 'offcut')}` : ''} at ${percent(use.use)}`
        : 'none yet',
      values: use ? [sheets + offcuts] : [],
      change: plain,
      least: 1,
    },
    {
      id: 'time',
      label: 'Cutting time',
      text: plan ? timeWords(plan.total, clock) : 'none yet',
      values: plan ? [Math.round(expectedOf(plan.total, clock)?.seconds ?? plan.total.seconds)] : [],
      change: (by) => signed(formatDuration(Math.abs(by)), by),
      least: 1,
    },
    {
      id: 'cost',
      label: 'Material',
      text: price <= 0 ? 'no price' : use ? fixed(cost, 2) : 'none yet',
      values: price > 0 && use ? [cost] : [],
      change: plain,
      least: 0.005,
    },
  ]
}

/** A rule in a few words. */
export function ruleWords(rule: EdgeRule, say: Say): string {
  switch (rule.rule) {
    case 'even':
      return `evenly, about ${say.short(rule.width)}`
    case 'fixed':
      return `fixed, ${say.short(rule.width)}`
    case 'shares':
      return `${rule.count} tabs and notches`
    case 'tabs':
      return `${rule.count} tabs of the ${rule.of}`
    case 'centre':
      return `one of ${say.short(rule.width)} in the middle`
    case 'pattern':
      return `pattern ${rule.widths.map((width) => say.shortPlain(width)).join(', ')}`
  }
}

/** What machine and stock are called among the figures of a cut: the book of cuts reads them there. */
export const MACHINE_FIGURE = 'Machine'
export const STOCK_FIGURE = 'Stock'

/**
 * The figures that a job is cut with, for the log. They are kept as they are: in millimetres, whatever is
 * chosen on the screen.
 */
export function cutFigures(job: Job, derived: Derived, say: Say): { label: string; value: string }[] {
  const { box, fit, plan, use } = derived
  const { outer } = box.sizes
  const wanted = WANTED_FITS.find(({ interference }) => interference === job.interference)
  const edgeOf = (group: EdgeGroup): string => {
    const edge = box.made?.edges.find((each) => each.group === group)
    return edge ? ` (${sharesLine(edge.shares, say)})` : ''
  }
  return [
    {
      label: 'Outer size',
      value: `${say.size([outer.x, outer.y, outer.z])}${lidOf(job.box) ? ', closed' : ', open'}`,
    },
    { label: 'Copies', value: String(job.copies) },
    {
      label: STOCK_FIGURE,
      value: box.materials
        .map(({ name }) => name)
        .join(', ')
        .slice(0, 120),
    },
    { label: MACHINE_FIGURE, value: job.measure.machine?.name ?? 'none' },
    { label: 'Thickness', value: `${say.fine(box.thickness.mean)}, ${box.thickness.readings} readings` },
    {
      label: 'Kerf',
      value: `${say.fine(box.kerf.width)} full width${box.kerf.measured ? '' : ', assumed'}`,
    },
    { label: 'Wanted fit', value: `${wanted?.word ?? 'own'}, interference ${say.fine(job.interference)}` },
    { label: 'Predicted', value: `${fit.word}, gap ${say.fine(fit.gap)}` },
    ...edgeGroups(job.box).map((group) => ({
      label: `Tabs, ${group}`,
      value: `${ruleWords(job.box.tabs[group], say)}${edgeOf(group)}`.slice(0, 120),
    })),
    { label: 'Proud', value: say.short(job.box.proud) },
    {
      label: 'Compensation',
      value: job.cut.compensation === 'paths' ? 'in the paths' : 'left to the laser’s software',
    },
    { label: 'Setting', value: plan ? settingWords(plan.choice.setting, say) : 'none' },
    { label: 'Sheets', value: use ? String(use.sheets) : 'none' },
    { label: 'Predicted time', value: plan ? formatDuration(plan.total.seconds) : 'none' },
  ]
}
