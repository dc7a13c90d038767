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
