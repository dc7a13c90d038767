import { z } from 'zod'

/** How a kerf came to be known; a guess was measured with another stock. */
const KERF_METHODS = ['squares', 'strip', 'comb', 'slots', 'typed', 'guess'] as const
export type KerfMethod = (typeof KERF_METHODS)[number]

const date = z.string().max(40)
const identifier = z.string().min(1).max(60)

/**
 * A kerf as it was measured on one machine with one batch of stock at one setting. Widths are full widths of
 * what the beam removes, mm.
 */
export const kerfRecordSchema = z.strictObject({
  id: identifier,
  machineId: identifier,
  stockId: identifier,
  width: z.number().min(0).max(5),
  /** Half of the 95 % interval; null when it is not known. */
  doubt: z.number().min(0).max(1).nullable(),
  /** In each direction by itself, where the method tells: x across the sheet, y along it. */
  kx: z.number().min(-1).max(5).nullable(),
  ky: z.number().min(-1).max(5).nullable(),
  method: z.enum(KERF_METHODS),
  /** Speed, power, passes and focus it was cut with, in words; another setting has another kerf. */
  setting: z.string().max(120),
  on: date,
  how: z.string().max(200),
})
export type KerfRecord = z.infer<typeof kerfRecordSchema>

/** Something done to a machine that makes older kerfs doubtful: lens cleaned, new lens, mirror aligned. */
export const machineEventSchema = z.strictObject({
  id: identifier,
  machineId: identifier,
  on: date,
  what: z.string().min(1).max(120),
})
export type MachineEvent = z.infer<typeof machineEventSchema>

/**
 * The newest kerf of a machine with any of these stocks: for the one that is cut it is the kerf to use, for
 * another of its family a guess.
 */
export const newestKerf = (
  records: KerfRecord[],
  machineId: string | undefined,
  stockIds: (string | undefined)[],
): KerfRecord | null =>
  records
    .filter((record) => record.machineId === machineId && stockIds.includes(record.stockId))
    .reduce<KerfRecord | null>(
      (newest, record) => (newest === null || record.on >= newest.on ? record : newest),
      null,
    )

/**
 * How far a kerf may be off with another batch of the same family on the same machine: half of the 95 %
 * interval, mm. [FM]
 */
export const CARRIED_DOUBT = 0.05

/** What a machine takes from other stocks: half or double of that is a slip. Full width, mm. */
export const kerfsElsewhere = (
  machineId: string | undefined,
  stockId: string | undefined,
  kerfs: KerfRecord[],
): number[] =>
  kerfs.filter((each) => each.machineId === machineId && each.stockId !== stockId).map(({ width }) => width)

/** When something was last done to a machine; empty where nothing was. */
export const lastDone = (machineId: string | undefined, events: MachineEvent[]): string =>
  events.reduce((last, event) => (event.machineId === machineId && event.on > last ? event.on : last), '')

/** What was done to the machine after a kerf was measured: it is from "before". */
export const eventsSince = (record: KerfRecord, events: MachineEvent[]): MachineEvent[] =>
  events.filter(({ machineId, on }) => machineId === record.machineId && on > record.on)
