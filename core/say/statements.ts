import { liesNested, type CutPath } from '../plan'
import type { DerivedBox, LoadPlan } from '../derive'
import type { Job } from '../job'
import { counted, type Say } from '../length'
import type { Machine } from '../machine'
import { settingWords, type Setting } from '../tune'

/** One sentence for screens and files: where compensation is, and how much. */
export function compensationStatement(
  where: Job['cut']['compensation'],
  { kerf, compensation }: Pick<DerivedBox, 'kerf' | 'compensation'>,
  say: Say,
): string {
  const both = `${say.fine(kerf.perSide)} per side (kerf ${say.fine(kerf.width)} full width)`
  if (where === 'software') {
    return (
      `Compensation is left to the laser's software: set ${both}, outward on outlines and ` +
      'inward on holes.'
    )
  }
  const figures = kerf.round
    ? both
    : `${say.fine(compensation.x)} per side across the sheet and ${say.fine(compensation.y)} along ` +
      `it (kerf ${say.finePlain(kerf.by.x.width)} and ${say.fine(kerf.by.y.width)} full width)`
  return `Compensation is in the paths: ${figures}. Do not compensate again in the laser's software.`
}

/** One sentence where the paths follow how the kerf leans over the bed; empty where they do not. */
export function bedStatement({ measure: { bed }, cut }: Pick<Job, 'measure' | 'cut'>, say: Say): string {
  if (!bed || cut.compensation !== 'paths') return ''
  const more = (mm: number): string => `${mm < 0 ? '−' : '+'}${say.fine(Math.abs(mm))}`
  return (
    `The paths follow the kerf over the bed: ${more(bed.x)} from the middle to the right edge, ` +
    `${more(bed.y)} to the back edge. Lay the sheet where it was planned.`
  )
}

const OPPOSITE: Record<Machine['origin'], string> = {
  'front left': 'lower left',
  'front right': 'lower right',
  'back left': 'upper left',
  'back right': 'upper right',
}

/** Where the sheet goes on the machine. @param load whose page the file has */
export function placeStatement(
  machine: Machine | null,
  { of, x, y, width, height, load }: Pick<LoadPlan, 'of' | 'x' | 'y' | 'width' | 'height' | 'load'>,
  say: Say,
): string {
  const corner = OPPOSITE[machine?.origin ?? 'front left']
  const where = machine
    ? `the ${machine.origin} corner of the bed, where its origin is`
    : 'the origin of the machine'
  if (of === 1) return `Put the sheet’s ${corner} corner into ${where}.`
  const from = `${say.plain(x, 1)} from its left and ${say.length(y, 1)} from its lower side`
  return (
    `One sheet in ${counted(of, 'load')}; load ${load + 1} is ${say.size([width, height], 1)} ` +
    `of it, ${from}. Put that piece’s ${corner} corner into ${where}, the sheet square to the bed.`
  )
}

/** Which face lies up, and what the sheet is turned for. */
export function faceStatement(
  { face, turn }: Pick<Job['cut'], 'face' | 'turn'>,
  load: Pick<LoadPlan, 'face' | 'aim'>,
): string {
  const other = face === 'outside' ? 'inside' : 'outside'
  if (load.face === 'first')
    return (
      `The ${other} face lies up: this is cut first, while the sheet is whole. ` +
      `Then turn the sheet over, ${turn}.`
    )
  const plain = face === 'inside' ? 'The inside face lies up.' : ''
  if (load.face === 'only') return plain
  return (
    `The ${face} face lies up: this is cut second, on the sheet turned over ${turn}. ` +
    (load.aim.length > 0
      ? 'Lay it so that the two registration holes are where they are drawn.'
      : 'Lay it against the same stops.')
  )
}

/** That parts in openings are to be cut first, by whoever sorts a file anew. */
export const nestedStatement = (paths: CutPath[]): string =>
  liesNested(paths)
    ? 'Parts lie in the openings of others: cut group after group, in the order of the file.'
    : ''

/** What nobody said, before anything else: the figures of a file are guesses then. */
export function unsaidStatement({ machine, stock }: Job['measure']): string {
  const unsaid = [machine ? '' : 'no machine', stock ? '' : 'no stock'].filter(Boolean).join(' and ')
  return unsaid === '' ? '' : `Made with ${unsaid} chosen: what is assumed below is a guess.`
}

/** What a file was made for: unit, stock, thickness, kerf, fit, setting and revision. */
export function madeForStatement(
  { measure, log, interference }: Pick<Job, 'measure' | 'log' | 'interference'>,
  { thickness, kerf }: Pick<DerivedBox, 'thickness' | 'kerf'>,
  setting: Setting,
  say: Say,
): string {
  const { stock } = measure
  const label = stock ? ' from the label' : ' assumed'
  const figures = [
    `thickness ${say.length(thickness.mean)}${thickness.measured ? '' : label}`,
    `kerf ${say.fine(kerf.width)}${kerf.measured ? '' : ' assumed'}`,
    `interference ${say.fine(interference)} per glue line`,
    `setting ${settingWords(setting, say)}`,
  ]
  const revision = (log.at(-1)?.number ?? 0) + 1
  const named = stock ? `Stock ${stock.name}` : 'No stock chosen'
  return `Unit millimetres. ${named}, ${figures.join(', ')}, for revision ${revision}.`
}
