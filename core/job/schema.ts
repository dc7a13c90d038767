import { z } from 'zod'
import { tiltSchema } from '../belief'
import { boxSpecSchema, PLAIN_BOX, sameTabs } from '../box'
import { finishOf, finishSchema, glueOf, glueSchema, SCHOOLS } from '../build'
import { fitBeliefSchema, interferenceSchema } from '../fit'
import { kerfRecordSchema } from '../kerf'
import { machineSchema, OPERATIONS } from '../machine'
import { layoutSettingsSchema, placementSchema, unplacedSchema } from '../nest'
import { stockSchema } from '../stock'
import { trialSchema } from '../testpiece'
import { FILES_PER, FORMATS, TURNS } from '../plan'
import { NO_TERMS, priceTermsSchema } from '../price'
import { followSchema, namedFigureSchema } from './follow'
import { markSchema, revisionSchema } from './revision'
import {
  batchEntrySchema,
  copiesSchema,
  FIRST_THING,
  MOST_STOCKS,
  MOST_THINGS,
  thingHeadSchema,
  thingSchema,
} from './things'
import { MOST_OWN, ownOperationSchema, settingSchema, testRecordSchema, testSheetSchema } from '../tune'
import { wholeSchema } from '../whole'
import { totalsRefusal } from './totals'
import { JOB_FORMAT, JOB_VERSION } from './version'

const identifier = z.string().min(1).max(60)
const date = z.string().max(40)

/** Where the panels' labels are scored. */
const LABELS = ['hidden', 'up', 'none'] as const

/** Kerf measurements of other pairs of machine and stock are kept this far back. */
export const MOST_TRIALS = 40

/** Parts that one layout holds. */
export const MOST_PLACED = 2000

/** Where each part lies; the signature says what it was worked out from. */
export const arrangementSchema = z.strictObject({
  signature: z.string().max(40),
  byHand: z.boolean(),
  placements: z.array(placementSchema).max(MOST_PLACED),
  unplaced: z.array(unplacedSchema).max(MOST_PLACED),
  /** Which of the sheets of a stock are offcuts; the others are whole. */
  offcuts: z
    .array(
      z.strictObject({
        material: z.string().max(60),
        sheet: z.number().int().min(0).max(399),
        offcut: identifier,
      }),
    )
    .max(400),
})
export type Arrangement = z.infer<typeof arrangementSchema>

/**
 * Everything that a maker decided or measured for one job, and nothing that can be worked out from it. Its
 * layout is there only where they had a hand in it: moved or pinned a part, or took what a search found.
 */
const plainJobSchema = z.strictObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_VERSION),
  id: identifier,
  name: z.string().min(1).max(80),
  changed: date,
  measure: z.strictObject({
    machine: machineSchema.nullable(),
    stock: stockSchema.nullable(),
    kerf: kerfRecordSchema.nullable(),
    /** What is believed of the kerf and of the maker's own snug, as it was when it was taken over. */
    belief: fitBeliefSchema.nullable(),
    /** How the kerf leans over the bed, where the maker lets the paths follow it; null where they do not. */
    bed: tiltSchema.nullable(),
    /** Figures that were asked about and are right all the same, each as it was asked about. */
    sure: z.array(z.string().min(1).max(120)).max(100),
    /** Other stocks that panels are cut from, with the kerf and the belief that the bench had for each. */
    more: z
      .array(
        z.strictObject({
          stock: stockSchema,
          kerf: kerfRecordSchema.nullable(),
          belief: fitBeliefSchema.nullable(),
        }),
      )
      .max(MOST_STOCKS),
    /**
     * Kerfs being measured, the one in hand first; what was read off one stock says nothing about another.
     */
    trials: z
      .array(z.strictObject({ machineId: identifier, stockId: identifier, trial: trialSchema }))
      .max(MOST_TRIALS),
  }),
  /** The thing in hand, its copies and its box; what else the job makes is beside it. */
  thing: thingHeadSchema,
  box: boxSpecSchema,
  copies: copiesSchema,
  also: z.array(thingSchema).max(MOST_THINGS),
  /** Where several jobs are cut together: which job each thing is of. */
  batch: z.array(batchEntrySchema).max(MOST_THINGS + 1),
  /** How the things stand in each other, where the job says so: it decides their sizes. */
  whole: wholeSchema.nullable(),
  /** Figures that the maker named, and fields that follow sums of them. */
  figures: z.array(namedFigureSchema).max(30),
  follows: z.array(followSchema).max(100),
  /** The job that this one is a mock-up of, in other stock. */
  mockOf: z.strictObject({ id: identifier, name: z.string().min(1).max(80) }).nullable(),
  /** Wanted fit as interference per glue line, mm; positive is tighter. */
  interference: interferenceSchema,
  layout: z.strictObject({ settings: layoutSettingsSchema, arrangement: arrangementSchema.nullable() }),
  tune: z.strictObject({
    tests: z.array(testRecordSchema).max(500),
    /** When something was last done to the machine, as it was known when the tests were taken over. */
    since: date,
    /** By how much doubts of what was not tried are widened, by what came of earlier promises. */
    scale: z.number().min(0.1).max(10),
    picked: settingSchema.nullable(),
    /** What labels and lines are scored with; null until the maker says: a first setting for the machine. */
    score: settingSchema.nullable(),
    /** For grooves: how deep it comes out is measured on a test pocket. */
    pocket: settingSchema.nullable(),
    /** For what is filled on a face, and how far its rows are apart, mm. */
    engrave: settingSchema.nullable(),
    interval: z.number().min(0.02).max(2),
    /** Operations beside these, that engravings may be done by. */
    own: z.array(ownOperationSchema).max(MOST_OWN),
    /** How sure a cut must go through, per cent. */
    sure: z.number().min(50).max(99),
    /** A test sheet that was written and is not read off yet. */
    sheet: testSheetSchema.nullable(),
  }),
  cut: z.strictObject({
    compensation: z.enum(['paths', 'software']),
    /** Where labels are scored: where they do not show, on the face that lies up, or nowhere. */
    labels: z.enum(LABELS),
    /** Whether the mark of the files is scored beside each label. */
    mark: z.boolean(),
    /** Letters at every joint, the same on both panels. */
    letters: z.boolean(),
    /** Which face lies up: what is scored is on it. */
    face: z.enum(['outside', 'inside']),
    /** How the sheet is turned for what is on the other face; or that is left out. */
    turn: z.enum(TURNS),
    off: z.array(z.enum(OPERATIONS)).max(5),
    /** Where a cut begins: at the nearest corner, or in the middle of a long side. */
    start: z.enum(['corner', 'side']),
    /** Stretches of the outlines of small parts that are left uncut, mm. */
    bridges: z.strictObject({
      count: z.number().int().min(0).max(12),
      width: z.number().min(0.1).max(5),
      below: z.number().min(0).max(5000),
    }),
    /** What cut files are written as. */
    formats: z.array(z.enum(FORMATS)).max(FORMATS.length),
    /** What one file is written for. */
    files: z.enum(FILES_PER),
    /** Programs go round what will be cut first, beam off, and wait; and wait at the end, to look. */
    frame: z.boolean(),
    look: z.boolean(),
    /** What was written last, and under which mark. */
    written: z.strictObject({ signature: z.string().max(40), date, mark: markSchema }).nullable(),
  }),
  build: z.strictObject({
    done: z.array(z.string().max(60)).max(400),
    /** Loads that were counted off at the laser, and parts that were spoilt, of one layout. */
    count: z
      .strictObject({
        lying: z.string().max(40),
        loads: z.array(z.string().max(90)).max(400),
        spoilt: z.array(z.string().max(60)).max(MOST_PLACED),
      })
      .nullable(),
    /** How one goes about it. */
    school: z.enum(SCHOOLS),
    glue: glueSchema,
    /** What goes on once the glue holds. */
    finish: finishSchema,
  }),
  /** Whether it is offered as a kind of the maker's own when a job is begun. */
  template: z.boolean(),
  price: priceTermsSchema,
  log: z.array(revisionSchema).max(500),
})
export const jobSchema = plainJobSchema.superRefine((job, context) => {
  const message = totalsRefusal(job)
  if (message !== null) context.addIssue({ code: 'custom', path: ['box', 'drawings'], message })
})
export type Job = z.infer<typeof jobSchema>

/** None; where a maker wants some, this wide and on parts so small. [FM] */
const NO_BRIDGES = { count: 0, width: 0.6, below: 60 }

/** Nothing measured yet. */
const UNMEASURED = {
  machine: null,
  stock: null,
  kerf: null,
  belief: null,
  bed: null,
  sure: [],
  more: [],
  trials: [],
}

/** Nothing built yet; wood glue, and bare. */
const NOT_BUILT: Job['build'] = {
  done: [],
  count: null,
  school: 'floor first',
  glue: glueOf('wood glue'),
  finish: finishOf('none'),
}

/** A job nobody has said anything about: a small open box of ordinary sheet. */
export const emptyJob = (id: string, name: string, changed: string): Job => ({
  format: JOB_FORMAT,
  version: JOB_VERSION,
  id,
  name,
  changed,
  measure: UNMEASURED,
  box: {
    ...PLAIN_BOX,
    sizesAre: 'outer',
    width: 120,
    depth: 80,
    height: 50,
    tabs: sameTabs({ rule: 'even', width: 9 }),
    proud: 0,
  },
  thing: FIRST_THING,
  copies: 1,
  also: [],
  batch: [],
  whole: null,
  figures: [],
  follows: [],
  mockOf: null,
  interference: 0,
  layout: {
    settings: {
      sheets: null,
      margin: 5,
      gap: 3,
      grain: 'free',
      turning: true,
      first: 'whole sheets',
      kept: [],
      nameRest: false,
      inOpenings: false,
      anyAngle: false,
      shareEdges: false,
    },
    arrangement: null,
  },
  tune: {
    tests: [],
    since: '',
    scale: 1,
    picked: null,
    score: null,
    pocket: null,
    engrave: null,
    interval: 0.1,
    own: [],
    sure: 95,
    sheet: null,
  },
  cut: {
    compensation: 'paths',
    labels: 'hidden',
    mark: false,
    letters: false,
    face: 'inside',
    turn: 'left to right',
    off: [],
    start: 'side',
    bridges: NO_BRIDGES,
    formats: ['svg'],
    files: 'sheet',
    frame: false,
    look: false,
    written: null,
  },
  build: NOT_BUILT,
  template: false,
  price: NO_TERMS,
  log: [],
})
