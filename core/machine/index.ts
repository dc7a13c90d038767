import { z } from 'zod'

/**
 * What is done to a sheet, in the order in which it has to be done: a panel whose outline goes first drops,
 * and its holes land wrong. [CP]
 */
export const OPERATIONS = ['engrave', 'pocket', 'score', 'inside', 'outline'] as const
export type Operation = (typeof OPERATIONS)[number]

/** Something of each operation. */
export const eachOperation = <T>(of: (operation: Operation) => T): Record<Operation, T> =>
  Object.fromEntries(OPERATIONS.map((operation) => [operation, of(operation)])) as Record<Operation, T>

/** Names of the operations, as they stand on screens and as layers in files. */
export const OPERATION_NAMES: Record<Operation, string> = {
  engrave: 'engraving',
  pocket: 'engrave pockets',
  score: 'score labels',
  inside: 'inside cuts',
  outline: 'outline cuts',
}

/**
 * Corners of the bed, as one stands before it. The sheet is put into the one where the machine has its
 * origin.
 */
export const ORIGINS = ['front left', 'front right', 'back left', 'back right'] as const
export type Origin = (typeof ORIGINS)[number]

/** Which sides of the bed an origin lies at: left and front where it says neither right nor back. */
export const sidesOfOrigin = (origin: Origin): { isRight: boolean; isBack: boolean } => ({
  isRight: origin.endsWith('right'),
  isBack: origin.startsWith('back'),
})

/** Where a machine's origin lies on what is put into its corner, mm from the front left of that. */
export const originOn = (
  { width, height }: { width: number; height: number },
  origin: Origin,
): { x: number; y: number } => {
  const { isRight, isBack } = sidesOfOrigin(origin)
  return { x: isRight ? width : 0, y: isBack ? height : 0 }
}

const colour = z.string().regex(/^#[0-9a-f]{6}$/)

/** A laser cutter, as its owner describes it. Lengths in mm, speeds in mm/s, acceleration in mm/s². */
export const machineSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  bedWidth: z.number().min(20).max(10000),
  bedHeight: z.number().min(20).max(10000),
  /** The corner of the bed that the sheet is put into. */
  origin: z.enum(ORIGINS),
  watts: z.number().min(0.5).max(2000),
  maxSpeed: z.number().min(1).max(5000),
  travelSpeed: z.number().min(1).max(5000),
  acceleration: z.number().min(10).max(100000),
  /** The colour that the laser's own software expects for each operation. */
  colours: z.strictObject({
    engrave: colour,
    pocket: colour,
    score: colour,
    inside: colour,
    outline: colour,
  }),
  /** How its controller is spoken to, where it takes programs: its manual says. */
  code: z.strictObject({
    /** What it calls its whole power. */
    scale: z.number().min(1).max(100_000),
    /** Whether power goes down with the speed in corners. */
    dynamic: z.boolean(),
    airOn: z.string().max(80),
    airOff: z.string().max(80),
    header: z.string().max(2000),
    footer: z.string().max(2000),
  }),
})
export type Machine = z.infer<typeof machineSchema>

/** Colours of operations until the owner says what their laser's software expects. */
export const OUR_COLOURS: Machine['colours'] = {
  engrave: '#2f4a6b',
  pocket: '#4f6b2f',
  score: '#7a5c1e',
  inside: '#3e6f8e',
  outline: '#8a3f6b',
}

/** What many controllers understand, until the manual is consulted; common practice, no source. */
export const ORDINARY_CODE: Machine['code'] = {
  scale: 1000,
  dynamic: true,
  airOn: 'M8',
  airOff: 'M9',
  header: '',
  footer: '',
}

/** Operations that cut right through: their paths are closed, and no line of them may be run twice. */
export const cutsThrough = (operation: Operation): boolean =>
  operation === 'inside' || operation === 'outline'

/** Speeds and acceleration of an ordinary hobby machine, until its manual is consulted. [FM] */
const ORDINARY_MOTION = { maxSpeed: 400, travelSpeed: 300, acceleration: 1500 }

/** A machine to begin with; its owner says the rest. Lengths in mm. */
export const newMachine = (id: string, name: string): Machine => ({
  id,
  name,
  bedWidth: 600,
  bedHeight: 400,
  origin: 'front left',
  watts: 40,
  ...ORDINARY_MOTION,
  colours: OUR_COLOURS,
  code: ORDINARY_CODE,
})

/**
 * Stands in until a machine is chosen, so that times can be shown at all; it has no bed, and nothing may be
 * cut on it. [FM]
 */
export const ASSUMED_MACHINE = { watts: 40, ...ORDINARY_MOTION }
