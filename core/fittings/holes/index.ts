import { z } from 'zod'
import { onPart, type Size } from '../../assembly'
import { disc } from '../../geometry'
import { problemOf, throughFeature, type FittingKind } from '../fitting'

/** Equal things beside each other: their diameter where they are held, and where they are widest. */
export const holeRunSchema = z.strictObject({
  count: z.number().int().min(1).max(40),
  lip: z.number().min(1).max(500),
  widest: z.number().min(1).max(500),
})
export type HoleRun = z.infer<typeof holeRunSchema>

const schema = z.strictObject({
  type: z.literal('holes'),
  /** Added to the diameter of what stands there. */
  play: z.number().min(0).max(20),
  /** From one side to the other: runs of equal things, one run after the other. */
  rows: z.array(z.array(holeRunSchema).min(1).max(10)).min(1).max(20),
})
type Holes = z.infer<typeof schema>

/** What is left of a floor between two holes, in thicknesses. [FM] */
const WEB = 1
const RUN: HoleRun = { count: 4, lip: 20, widest: 24 }

/** One thing of a row, with the room that it takes beside the others, mm. */
interface Stood {
  lip: number
  widest: number
  /** Its middle, from where the row begins. */
  at: number
  room: number
}

/** The things of a row: what is left beside them, where each is widest, is shared out evenly. */
function stoodIn(row: HoleRun[], width: number): Stood[] {
  const things = row.flatMap(({ count, lip, widest }) =>
    Array.from({ length: count }, () => ({ lip, widest })),
  )
  const sizes = things.map(({ lip, widest }) => Math.max(lip, widest))
  const left = (width - sizes.reduce((sum, size) => sum + size, 0)) / things.length
  let reached = 0
  return things.map((thing, i) => {
    const room = sizes[i] + left
    reached += room
    return { ...thing, at: reached - room / 2, room }
  })
}

/** Rows of things that would touch each other where they are widest, counted from 1. */
export function crowdedRows({ rows }: Holes, inner: Pick<Size, 'x' | 'y'>): number[] {
  const widestOf = (row: HoleRun[] = []): number => Math.max(0, ...row.map(({ widest }) => widest))
  return rows.flatMap((row, i) => {
    const all = row.flatMap(({ count, widest }) => Array.from({ length: count }, () => widest))
    const next = widestOf(rows[i + 1])
    const beside = all.length > 1 && all.reduce((sum, widest) => sum + widest, 0) > inner.x
    const behind = next > 0 && (widestOf(row) + next) / 2 > inner.y / rows.length
    return beside || behind ? [i + 1] : []
  })
}

/** Rows of round holes in the floor, for what stands in a box upside down. */
export const holes: FittingKind<Holes> = {
  type: 'holes',
  title: 'round holes in the floor',
  words: 'holes bottle vial tube pen stand rack',
  schema,
  of: 'box',
  fields: [{ kind: 'length', key: 'play', at: 'hole-play', label: 'Play of the holes', step: 0.1 }],
  begin: () => ({ type: 'holes', play: 0.6, rows: [[RUN]] }),
  features({ rows, play }, { room }, part) {
    if (part.id !== 'floor') return []
    const { minX, maxX, minY, maxY } = onPart(part.frame, room)
    return rows.flatMap((row, i) => {
      const y = minY + ((maxY - minY) * (i + 0.5)) / rows.length
      return stoodIn(row, maxX - minX).map(({ at, lip }) =>
        throughFeature('hole', disc({ x: minX + at, y }, (lip + play) / 2)),
      )
    })
  },
  problems({ rows, play }, { t, inner }) {
    return rows.flatMap((row, i) => {
      const most = (room: number): number => Math.min(room, inner.y / rows.length) - WEB * t.floor
      const tight = stoodIn(row, inner.x).find(({ lip, room }) => lip + play > most(room))
      return tight ? [problemOf('holes', 'holes', 'meet', { row: i + 1, most: most(tight.room) })] : []
    })
  },
  sentences: {
    meet: ({ row, most }, say) =>
      `The holes of row ${row} would meet each other or the walls: they have room for ` +
      `${say.short(Math.max(0, most), 1)} each. Make the stand larger, or stand fewer in it.`,
  },
}
