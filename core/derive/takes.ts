import type { Job } from '../job'
import type { Takes } from '../price'
import { offcutArea, offcutPrice } from '../stock'
import type { Arranged } from './kept-layout'
import { jobForStock } from './materials'
import { partsByMaterial, type Part } from './parts'

type Lying = Pick<Arranged, 'placements' | 'offcuts'>

/** Sheets and offcuts of one stock that something lies on. */
export function takesOf({ placements, offcuts }: Lying, material: string, parts: Part[]): Takes {
  const ids = new Set(parts.map(({ id }) => id))
  const used = new Set(placements.filter(({ part }) => ids.has(part)).map(({ sheet }) => sheet))
  const own = offcuts.filter((each) => each.material === material && used.has(each.sheet))
  const counts = new Map<string, number>()
  for (const { offcut } of own) counts.set(offcut, (counts.get(offcut) ?? 0) + 1)
  return {
    stock: material,
    sheets: used.size - own.length,
    offcuts: [...counts].map(([offcut, count]) => ({ offcut, count })),
  }
}

/** What a layout takes of all stocks of a job. */
export interface Taken {
  /** Whole sheets, and how many of them more than there are at hand. */
  sheets: number
  missing: number
  /** Area of whole sheets and offcuts, mm². */
  area: number
  /** What they cost; null where a stock that is cut from has no price. */
  price: number | null
}

export function takenOf(layout: Lying, parts: Part[], job: Job): Taken {
  const taken: Taken = { sheets: 0, missing: 0, area: 0, price: 0 }
  for (const { material, parts: own } of partsByMaterial(parts, job)) {
    const { stock } = jobForStock(job, material).measure
    const { sheets, offcuts } = takesOf(layout, material, own)
    taken.sheets += sheets
    if (!stock || stock.pricePerSheet === 0) taken.price = null
    if (!stock) continue
    const { sheetWidth, sheetHeight, pricePerSheet, sheetsAtHand } = stock
    taken.missing += Math.max(0, sheets - sheetsAtHand)
    taken.area += sheets * sheetWidth * sheetHeight
    if (taken.price !== null) taken.price += sheets * pricePerSheet
    for (const { offcut, count } of offcuts) {
      const record = stock.offcuts.find(({ id }) => id === offcut)
      if (!record) continue
      taken.area += count * offcutArea(record)
      if (taken.price !== null) taken.price += count * offcutPrice(record, stock)
    }
  }
  return taken
}
