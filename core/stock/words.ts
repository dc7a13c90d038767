import { counted, type Say } from '../length'
import type { Working } from '../working'
import { advisedNumbers, type Thickness } from './thickness'

/** A thickness in one line: mean, half of the spread, number of readings. */
export function thicknessLine({ mean, halfSpread, readings }: Thickness, say: Say): string {
  if (readings === 0) return `${say.plain(mean)} from the label`
  if (readings === 1) return `${say.plain(mean)}, 1 reading`
  return `${say.plain(mean)} ± ${say.plain(halfSpread)}, ${counted(readings, 'reading')}`
}

/** Where an uneven sheet is thinnest and thickest; empty when it is even. */
export function unevenLine({ uneven }: Thickness, say: Say): string {
  if (!uneven) return ''
  const at = ({ value, spot }: typeof uneven.thinnest): string =>
    say.length(value) + (spot ? ` at ${spot}` : '')
  return `thinnest ${at(uneven.thinnest)}, thickest ${at(uneven.thickest)}`
}

/** What stands behind the mean thickness. */
export function thicknessWorking(thickness: Thickness, say: Say): Working {
  const { values, mean, meanDoubt, measured, thinnest, thickest } = thickness
  const sum = values.map((value) => say.plain(value)).join(' + ')
  const doubt = meanDoubt === null ? '' : ` ± ${say.finePlain(meanDoubt)}`
  return {
    title: 'Thickness of the sheet',
    result: `${say.finePlain(mean)}${doubt} ${say.lengthUnit}`,
    formula: measured ? 'T = sum of the readings ÷ their number' : 'T = what the label says',
    substituted: measured ? `(${sum}) ÷ ${values.length} = ${say.fine(mean)}` : `T = ${say.length(mean)}`,
    terms: [
      {
        symbol: 'T',
        meaning: measured ? 'readings' : 'nominal',
        value: `${say.plain(thinnest)} to ${say.length(thickest)}`,
        source: measured ? 'reading' : 'default',
      },
      ...(meanDoubt === null
        ? []
        : [
            {
              symbol: '±',
              meaning: '95 % interval of the mean, Student’s t, no less than calipers can tell',
              value: say.fine(meanDoubt),
              source: 'derived' as const,
            },
          ]),
    ],
    note: measured
      ? 'The mean sets tab length; for slots the thickest reading counts.'
      : `A label is only a name: sheets sold as ${say.short(3)} are often ${say.plain(2.7, 1)} to ` +
        `${say.length(3.3, 1)}. Measure in a few places, film off.`,
  }
}

/** What stands behind the length of tabs. */
export function tabLengthWorking(thickness: Thickness, say: Say): Working {
  const { mean, halfSpread } = thickness
  const source = thickness.measured ? 'reading' : 'default'
  const long = mean + halfSpread
  return {
    title: 'Tab length',
    result: `${say.length(mean)}, or ${say.length(long)} to be on the long side`,
    formula: 'mean thickness of the mate; a little longer when in doubt',
    substituted:
      `${say.fine(mean)}; ${say.finePlain(mean)} + ${say.finePlain(halfSpread)} = ` + `${say.fine(long)}`,
    terms: [
      { symbol: 'mean', meaning: 'mean thickness', value: say.fine(mean), source },
      { symbol: '+', meaning: 'half of the spread', value: say.fine(halfSpread), source },
    ],
    note:
      'Common practice: a tab that is too short leaves a recess that cannot be mended. One that is too ' +
      'long is sanded off.',
  }
}

/** What stands behind the width of slots. */
export function slotWidthWorking(thickness: Thickness, say: Say): Working {
  const { slotWidth } = advisedNumbers(thickness)
  return {
    title: 'Slot width',
    result: say.length(slotWidth),
    formula: 'thickest reading',
    substituted: `${say.length(slotWidth)} of ${counted(thickness.readings, 'reading')}`,
    terms: [
      {
        symbol: 'T',
        meaning: 'thickest place measured',
        value: say.length(slotWidth),
        source: thickness.measured ? 'reading' : 'default',
      },
    ],
    note:
      'A slot that is narrower than the thickest place stops the panel there. Its spread ' +
      'matters more than kerf.',
  }
}

export const doubt = {
  readInches: 'it was read in inches',
  decimalPointSlipped: 'the decimal point slipped',
  decimalPointLeft: 'the decimal point was left out',
  readCentimetres: 'it was read in centimetres',
  readMillimetres: 'it was read in millimetres',
  unlikelyThicknessDid: (said: string, label: string, meant: string) =>
    `${said} is an unlikely thickness. Did you mean ${label} (${meant})?`,
  farLabelsSheet: (said: string, nominal: string) =>
    `${said} is far from the label’s ${nominal}. Is it this sheet, with its film off?`,
  unlikelyThicknessSheets: (said: string, min: string, max: string) =>
    `${said} is an unlikely thickness: sheets for this work are ${min} to ${max}. Measure it again.`,
}

export const offcut = {
  notCornerWrite: (pair: string) =>
    `“${pair}” is not a corner. Write two figures for each, with commas between.`,
  threeCornersFewest: 'Three corners are the fewest. Write one after the other round it.',
  cornersMostLeave: '60 corners are the most. Leave out those that hardly count.',
  pieceBetweenMm: 'A piece is between 10 mm and 5 m each way. Check the unit of the corners.',
  sidesOutlineCross: 'Sides of this outline cross or touch. Write its corners in order round it.',
}

export const stock = {
  glueLinesKnots:
    'Glue lines and knots may not cut through: look before you move the sheet. Unknown glues give ' +
    'unknown fumes.',
  fumesFineDust: 'Fumes and fine dust: extraction on while cutting, dust mask while sanding.',
  thickBoardHolds:
    'Thick board holds heat and can go on smouldering inside the edge: let it cool and look again before ' +
    'you leave it.',
  resinKnotsFlare: 'Resin and knots flare up. Char grows with every pass that was not needed.',
  vapourBurnsAir:
    'The vapour burns: air on, never leave it. Be sure that it is acrylic: PVC gives off chlorine gas, ' +
    'polycarbonate burns.',
  cardCatchesFire: 'Card catches fire quickly: low power, high speed, and stay beside it.',
  notKnownHere:
    'Not known here: read the material’s data sheet first. Never cut PVC, vinyl or an unknown plastic ' +
    '(chlorine gas); avoid ABS, polycarbonate and carbon fibre.',
}
