import { WANTED_FITS } from '../fit'
import { fixed, formatDuration, short } from '../length'
import { settingWords } from '../tune'
import type { Derived } from './status'
import type { Job } from './schema'

/** One figure of the knock-on strip. `value` is what a change is measured by. */
export interface StripFigure {
  id: string
  label: string
  text: string
  value: number | null
  unit: string
  digits: number
}

/** By how much a figure moved from what it was before, in its own unit; empty when it did not or cannot be told. */
export function movedBy({ value, unit, digits }: StripFigure, before: StripFigure | undefined): string {
  if (value === null || before === undefined || before.value === null) return ''
  const change = Number((value - before.value).toFixed(digits))
  if (change === 0) return ''
  const sign = change > 0 ? '+' : '−'
  return unit === 's'
    ? `${sign}${formatDuration(Math.abs(change))}`
    : `${sign}${short(Math.abs(change), digits)}${unit && ` ${unit}`}`
}

/** What an edit knocks on to. Money has no currency: the maker knows theirs. */
export function stripFigures(job: Job, { box, plan, use }: Derived): StripFigure[] {
  const { inner } = box.sizes
  const price = job.measure.stock?.pricePerSheet ?? 0
  const sheets = use?.sheets ?? 0
  const known = box.panels !== null
  const parts = (box.panels?.length ?? 0) * job.copies
  return [
    {
      id: 'inside',
      label: 'Inside',
      text: known ? `${fixed(inner.x, 1)} × ${fixed(inner.y, 1)} × ${fixed(inner.z, 1)} mm` : 'none',
      value: known ? (inner.x * inner.y * inner.z) / 1000 : null,
      unit: 'ml',
      digits: 0,
    },
    {
      id: 'fit',
      label: 'Fit',
      text: `${box.fit.word} ${Math.round(box.fit.odds[box.fit.word] * 100)} %, ${fixed(box.fit.gap, 3)} mm`,
      value: box.fit.gap,
      unit: 'mm',
      digits: 3,
    },
    { id: 'parts', label: 'Parts', text: String(parts), value: parts, unit: '', digits: 0 },
    {
      id: 'sheets',
      label: 'Sheets',
      text: use ? `${sheets} at ${Math.round(use.use * 100)} %` : 'none yet',
      value: use ? sheets : null,
      unit: '',
      digits: 0,
    },
    {
      id: 'time',
      label: 'Cutting time',
      text: plan ? formatDuration(plan.total.seconds) : 'none yet',
      value: plan ? plan.total.seconds : null,
      unit: 's',
      digits: 0,
    },
    {
      id: 'cost',
      label: 'Material',
      text: price <= 0 ? 'no price' : use ? fixed(sheets * price, 2) : 'none yet',
      value: price > 0 && use ? sheets * price : null,
      unit: '',
      digits: 2,
    },
  ]
}

/** The figures that a job is cut with, for the log. */
export function cutFigures(job: Job, { box, plan, use }: Derived): { label: string; value: string }[] {
  const { outer } = box.sizes
  const { rule, width, counts } = job.box.tabs
  const fit = WANTED_FITS.find(({ interference }) => interference === job.interference)
  return [
    {
      label: 'Outer size',
      value: `${fixed(outer.x, 2)} × ${fixed(outer.y, 2)} × ${fixed(outer.z, 2)} mm${job.box.top ? ', closed' : ', open'}`,
    },
    { label: 'Copies', value: String(job.copies) },
    { label: 'Stock', value: job.measure.stock?.name ?? 'none' },
    { label: 'Machine', value: job.measure.machine?.name ?? 'none' },
    { label: 'Thickness', value: `${fixed(box.thickness.mean, 3)} mm, ${box.thickness.readings} readings` },
    {
      label: 'Kerf',
      value: `${fixed(box.kerf.width, 3)} mm full width${box.kerf.measured ? '' : ', assumed'}`,
    },
    { label: 'Wanted fit', value: `${fit?.word ?? 'own'}, interference ${fixed(job.interference, 3)} mm` },
    { label: 'Predicted', value: `${box.fit.word}, gap ${fixed(box.fit.gap, 3)} mm` },
    {
      label: 'Tabs',
      value:
        rule === 'count'
          ? `${counts.uprights} up, ${counts.floor} floor, ${counts.top} top`
          : `${rule}, ${short(width)} mm`,
    },
    { label: 'Proud', value: `${short(job.box.proud)} mm` },
    {
      label: 'Compensation',
      value: job.cut.compensation === 'paths' ? 'in the paths' : 'left to the laser’s software',
    },
    { label: 'Setting', value: plan ? settingWords(plan.choice.setting) : 'none' },
    { label: 'Sheets', value: use ? String(use.sheets) : 'none' },
    { label: 'Predicted time', value: plan ? formatDuration(plan.total.seconds) : 'none' },
  ]
}
