import { area, signedArea } from '../geometry'
import type { Job } from '../job'
import type { Remnant } from '../nest'
import { offcutPrice } from '../stock'
import type { Part } from './parts'
import type { LoadPlan } from './plan-types'
import { restsOn } from './rest'

/** What there is to say of one sheet that is cut from. */
export interface SheetFact {
  sheet: number
  /** Area of its parts over its own, 0 to 1. */
  use: number
  /** Of the whole sheet or offcut; null where the stock has no price. */
  price: number | null
  /** All its loads; null while they are not planned. */
  seconds: number | null
  /** The largest piece that it leaves over. */
  rest: Remnant | null
}

/**
 * Every sheet of one stock that something lies on.
 * @param seen the job as that stock sees it
 * @param parts of that stock
 */
export function sheetFacts(
  seen: Job,
  material: string,
  parts: Part[],
  loads: Pick<LoadPlan, 'material' | 'sheet' | 'time'>[],
): SheetFact[] {
  const areas = new Map(parts.map(({ id, shape }) => [id, area(shape)]))
  const placements = seen.layout.arrangement?.placements ?? []
  const { stock } = seen.measure
  return restsOn(seen, material, parts).map(({ sheet, offcut, surface, remnants }) => {
    const there = placements.filter((each) => each.sheet === sheet)
    const used = there.reduce((sum, { part }) => sum + (areas.get(part) ?? 0), 0)
    const size = surface.outline ? signedArea(surface.outline) : surface.width * surface.height
    const record = stock?.offcuts.find(({ id }) => id === offcut)
    const price = stock && (record ? offcutPrice(record, stock) : stock.pricePerSheet)
    const own = loads.filter((load) => load.material === material && load.sheet === sheet)
    return {
      sheet,
      use: used / size,
      price: price || null,
      seconds: own.length === 0 ? null : own.reduce((sum, { time }) => sum + time.total, 0),
      rest: remnants.reduce<Remnant | null>((a, b) => (a && a.area >= b.area ? a : b), null),
    }
  })
}
