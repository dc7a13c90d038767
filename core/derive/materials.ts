import { wallIndex } from '../angled'
import { sameThickness, type BoxSpec, type StockUse } from '../box'
import type { Materials } from '../fittings'
import { beliefOf } from '../belief'
import { compensationIn, kerfShift, type Compensations, type FitBelief } from '../fit'
import { kerfOf, movedKerf, type Kerf } from '../kerf'
import type { Job } from '../job'
import { movedThickness, thicknessOf, type Stock, type Thickness } from '../stock'

/** A stock that a job is cut from, and what is known of it. The job's own comes first. */
export interface Material {
  /** The stock's id; empty while none is chosen. */
  id: string
  name: string
  stock: Stock | null
  /** As it is believed to be, where slots said that it is another than was read. */
  thickness: Thickness
  /** Where it is believed to be. */
  kerf: Kerf
  compensation: Compensations
  belief: FitBelief
}

type Measured = Pick<Job['measure'], 'stock' | 'kerf' | 'belief'>

/** What was read, moved by what slots said of it; not where it was read anew since. */
function believedThickness(stock: Stock | null, { thickness: said }: FitBelief): Thickness {
  const read = thicknessOf(stock)
  return said?.from === read.mean ? movedThickness(read, said.shift, said.sd) : read
}

function materialOf({ stock, kerf, belief: taken }: Measured, where: Job['cut']['compensation']): Material {
  const belief = beliefOf({ kerf, belief: taken })
  const known = movedKerf(kerfOf(kerf), kerfShift(belief))
  return {
    id: stock?.id ?? '',
    name: stock?.name ?? 'no stock chosen',
    stock,
    thickness: believedThickness(stock, belief),
    kerf: known,
    compensation: compensationIn(known, where),
    belief,
  }
}

/** Every stock of a job, its own first. */
export const materialsOf = (measure: Job['measure'], where: Job['cut']['compensation']): Material[] => [
  materialOf(measure, where),
  ...measure.more.map((each) => materialOf(each, where)),
]

/** What a panel may be cut from, the most particular first. */
function usesOf(id: string): StockUse[] {
  switch (id) {
    case 'front':
    case 'back':
    case 'left':
    case 'right':
      return [id, 'walls']
    case 'floor':
    case 'top':
      return [id]
    default:
      if (wallIndex(id) >= 0) return ['walls']
      if (/^(lip|stop|top-2|top-back|cheek-)/.test(id)) return ['top']
      if (id === 'plate' || id === 'knob') return ['front', 'walls']
      return id.startsWith('ledge') ? ['floor'] : ['dividers']
  }
}

/** The stock that a panel is cut from. */
export function materialFor(id: string, stocks: BoxSpec['stocks'], materials: Material[]): Material {
  for (const use of usesOf(id)) {
    const found = materials.find((each) => each.id !== '' && each.id === stocks[use])
    if (found) return found
  }
  return materials[0]
}

/** Thickness of every panel of a box, mm. */
export function thicknessesOf(stocks: BoxSpec['stocks'], materials: Material[]): Materials {
  const names = Object.keys(sameThickness(0)) as (keyof Materials['mean'])[]
  const each = (figure: (thickness: Thickness) => number): Materials['mean'] =>
    Object.fromEntries(
      names.map((name) => [name, figure(materialFor(name, stocks, materials).thickness)]),
    ) as Materials['mean']
  return { mean: each(({ mean }) => mean), thickest: each(({ thickest }) => thickest) }
}

/** A job as it looks to one of its stocks: what is asked of "the stock" is asked of that one. */
export function jobForStock<J extends Pick<Job, 'measure'>>(job: J, id: string): J {
  const other = job.measure.more.find(({ stock }) => stock.id === id)
  return other ? { ...job, measure: { ...job.measure, ...other } } : job
}
