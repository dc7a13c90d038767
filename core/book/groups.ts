import type { Kept } from '../belief'
import type { BookRow } from './rows'

export const GROUP_BY = ['month', 'stock', 'machine'] as const
export type GroupBy = (typeof GROUP_BY)[number]

/** The cuts of one month, stock or machine together. */
export interface BookGroup {
  name: string
  rows: BookRow[]
  /** Sums over the cuts that say it, and how many do. */
  minutes: number
  timed: number
  sheets: number
  offcuts: number
  cost: number
  /** What was in no part nor back on the bench, of the area cut from, 0 to 1; null where nobody knows. */
  waste: number | null
  fit: Kept
  through: Kept
}

const sum = (list: (number | null)[]): number => list.reduce<number>((total, each) => total + (each ?? 0), 0)

/** Of promises that were spoken of alone. */
function kept(list: { odds: number | null; came: boolean | null }[]): Kept {
  const spoken = list.filter(({ odds, came }) => odds !== null && came !== null)
  const said = sum(spoken.map(({ odds }) => odds))
  return {
    count: spoken.length,
    said: spoken.length > 0 ? said / spoken.length : 0,
    came: spoken.filter(({ came }) => came).length,
  }
}

function groupOf(name: string, rows: BookRow[]): BookGroup {
  const known = rows.filter(({ area }) => area !== null)
  const area = sum(known.map((row) => row.area))
  return {
    name,
    rows,
    minutes: sum(rows.map(({ minutes }) => minutes)),
    timed: rows.filter(({ minutes }) => minutes !== null).length,
    sheets: sum(rows.map(({ sheets }) => sheets)),
    offcuts: sum(rows.map(({ offcuts }) => offcuts)),
    cost: sum(rows.map(({ cost }) => cost)),
    waste: area > 0 ? sum(known.map(({ waste }) => waste)) / area : null,
    fit: kept(rows.map(({ fitOdds, fitCame }) => ({ odds: fitOdds, came: fitCame }))),
    through: kept(
      rows.map(({ throughOdds, through }) => ({
        odds: throughOdds,
        came: through === null ? null : through === 'all',
      })),
    ),
  }
}

/** The book by month, stock or machine; months in their order, the others by name. */
export function bookGroups(rows: BookRow[], by: GroupBy): BookGroup[] {
  const names = [...new Set(rows.map((row) => row[by]))].sort((a, b) => a.localeCompare(b))
  return names.map((name) =>
    groupOf(
      name,
      rows.filter((row) => row[by] === name),
    ),
  )
}
