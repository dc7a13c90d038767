import type { Used } from '../job'
import { offcutPrice, type Stock } from '../stock'
import type { Derived } from './pipeline'

/** What the offcuts of a stock cost that are cut from. */
function offcutsCost(stock: Stock, material: string, plan: Derived['plan']): number {
  const loads = (plan?.loads ?? []).filter((load) => load.material === material)
  const pieces = new Map(loads.map(({ sheet, offcut }) => [sheet, offcut]))
  return [...pieces.values()]
    .flatMap((id) => stock.offcuts.filter((each) => each.id === id))
    .reduce((sum, offcut) => sum + offcutPrice(offcut, stock), 0)
}

/**
 * What a cut takes of each stock: sheets, offcuts, areas in mm² and what they cost; nothing while nothing is
 * laid out. Nothing of it is back on the bench yet.
 */
export const usedOf = ({ box, plan, use }: Pick<Derived, 'box' | 'plan' | 'use'>): Used[] =>
  (use?.stocks ?? []).map(({ material, sheets, offcuts, area, use: share }) => {
    const { name, stock } = box.materials.find(({ id }) => id === material) ?? box.materials[0]
    const cost = stock ? sheets * stock.pricePerSheet + offcutsCost(stock, material, plan) : 0
    return { material, stock: name.slice(0, 80), sheets, offcuts, area, parts: share * area, kept: 0, cost }
  })
