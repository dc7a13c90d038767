import { z } from 'zod'
import { placeSchema, promisedSchema } from '../belief'
import { FIT_WORDS, slotSchema } from '../fit'
import { runSchema } from '../plan'
import { INSTRUMENT_NAMES } from '../statistics'
import { familySchema, thicknessSchema } from '../stock'
import { settingSchema } from '../tune'
import { MOST_STOCKS } from './things'

const identifier = z.string().min(1).max(60)

/** What written files are told apart by; empty for those of before there were marks. */
export const markSchema = z.string().max(12)

/** What came of the cut: all parts fell free, or some did not. */
export const THROUGH = ['all', 'not all'] as const

/** What can be measured of a cut: the play of a joint, or the size of a part. */
const MEASURED = ['play', 'part'] as const
export const measuredSchema = z.strictObject({
  what: z.enum(MEASURED),
  /** Which joint or part, as it was labelled; empty where nobody said. */
  of: z.string().max(80),
  /** The size that the beam was told of a part, mm; nothing of a play. */
  told: z.number().min(0).max(10_000),
  /** Both boundaries of a play together, or the size of a part, mm. */
  read: z.number().min(-2).max(10_000),
  by: z.enum(INSTRUMENT_NAMES),
  /** Where on the bed it was cut, from its left and front, mm; null where nobody knows. */
  at: placeSchema.nullable(),
})
export type Measured = z.infer<typeof measuredSchema>

/** What a cut took of one stock: whole sheets and offcuts, their area, and what of it became parts. */
const usedSchema = z.strictObject({
  material: z.string().max(60),
  stock: z.string().max(80),
  sheets: z.number().int().min(0).max(9999),
  offcuts: z.number().int().min(0).max(9999),
  /** All pieces that were cut from, what of them is in parts, and what went back to the bench, mm². */
  area: z.number().min(0).max(1e12),
  parts: z.number().min(0).max(1e12),
  kept: z.number().min(0).max(1e12),
  /** As the prices were then, in the maker's own money. */
  cost: z.number().min(0).max(1e9),
})
export type Used = z.infer<typeof usedSchema>

/** Figures of the box that the next cut may begin with, otherwise than this one. */
export const OTHERWISE = ['width', 'depth', 'height', 'interference', 'tab width', 'proud', 'copies'] as const
const otherwiseSchema = z.strictObject({
  text: z.string().max(400),
  /** The figure that is to change, and what to; null where words alone say it. Lengths in mm. */
  change: z.strictObject({ figure: z.enum(OTHERWISE), to: z.number().min(-20).max(20_000) }).nullable(),
})
export type Otherwise = z.infer<typeof otherwiseSchema>
/** One time that the job was cut: why, how long it took, how it fitted, and the figures it was cut with. */
export const revisionSchema = z.strictObject({
  id: identifier,
  number: z.number().int().min(1).max(9999),
  date: z.string().max(40),
  reason: z.string().max(400),
  minutes: z.number().min(0).max(100000).nullable(),
  verdict: z.enum(FIT_WORDS).nullable(),
  /** Whether every part came out of the sheet; null while nobody said. */
  through: z.enum(THROUGH).nullable(),
  /** Parts that stayed in the sheet, by label, and how often every line was passed over in the end. */
  stuck: z.array(z.string().max(60)).max(200),
  passed: z.number().int().min(1).max(30).nullable(),
  measured: z.array(measuredSchema).max(40),
  note: z.string().max(4000),
  /** What the maker would do otherwise the next time. */
  otherwise: otherwiseSchema,
  /** What it took, by stock; none where it was cut before that was written down. */
  used: z.array(usedSchema).max(MOST_STOCKS + 1),
  /** The layout that it was cut by, while its sheets are not taken off the bench; then null. */
  unbooked: z.string().max(40).nullable(),
  /**
   * What the verdict is held against: the gap that was predicted without taste, and the kerf's doubt, mm.
   */
  cut: z
    .strictObject({
      family: familySchema,
      gap: z.number().min(-5).max(5),
      kerfSd: z.number().min(0).max(5),
      /** Where slots are what fits or does not: the sheet that stood in them. */
      slot: slotSchema.nullable(),
      kerfId: z.string().max(60).nullable(),
      machineId: z.string().max(60).nullable(),
      stockId: z.string().max(60).nullable(),
      /** What it was cut with, and how thick the sheet was, mm. */
      setting: settingSchema.nullable(),
      thickness: thicknessSchema.nullable(),
      /** Full width of the kerf's record, mm; null where it was assumed. */
      kerf: z.number().min(0).max(5).nullable(),
      promised: promisedSchema.nullable(),
    })
    .nullable(),
  /** What was planned of its time, and on which machine: seconds, and how often a cut was begun. */
  planned: runSchema
    .pick({ machineId: true, cutting: true, moving: true, starts: true, programs: true })
    .nullable(),
  figures: z.array(z.strictObject({ label: z.string().max(60), value: z.string().max(120) })).max(40),
  /** The mark of the files that it was cut from, where they are known. */
  mark: markSchema.nullable(),
})
export type Revision = z.infer<typeof revisionSchema>

/** A cut of which nothing is said yet. */
export const NO_RESULT: Omit<Revision, 'id' | 'number' | 'date' | 'reason'> = {
  minutes: null,
  verdict: null,
  through: null,
  stuck: [],
  passed: null,
  measured: [],
  note: '',
  otherwise: { text: '', change: null },
  used: [],
  unbooked: null,
  cut: null,
  planned: null,
  figures: [],
  mark: null,
}
