import { fixed, short, type Say } from '../length'
import type { Working } from '../working'
import type { Choice } from './choose'
import { cutEnergy } from './energy'
import type { Setting, TestRecord } from './test-record'

const described = ({ speed, power, passes }: Setting, say: Say): string =>
  `${say.speed(speed)} at ${short(power)} %${passes > 1 ? `, ${passes} passes` : ''}`

/** What else is to be heeded with a result that is not the best. */
const HEED: Partial<Record<TestRecord['result'], string>> = {
  'just through': ' Knots and glue lines may stay in: look before the sheet is moved.',
  charred: ' A quicker one is worth a test.',
}

function typedReason({ test }: Choice): string {
  if (!test) return 'You typed this setting. It has no test on this stock yet: make a test cut first.'
  const good = test.result === 'clean' || test.result === 'just through'
  return (
    'You picked this one. Its test on this stock came out ' +
    `${test.result}${good ? '.' : ': another one would be better.'}`
  )
}

/** Why this setting, in one or two sentences. */
export function choiceReason(choice: Choice, say: Say): string {
  const { setting, standing, test, from, alike, family, energy, thickness } = choice
  if (from === 'typed') return typedReason(choice)
  if (from === 'nothing chosen') {
    return 'Choose a machine and a stock in Measure: until then this is only a guess from the energy rule.'
  }
  if (!test) {
    return (
      `Nothing is tested for this stock on this machine. ${say.speed(setting.speed)} ` +
      (`(${say.otherSpeeds(setting.speed)}) at ${setting.power} % is a careful start from the ` +
        `energy rule, ${fixed(energy, 2)} J/mm²: make a test cut, and write down what came out.`)
    )
  }
  const at = say.length(test.thickness)
  if (standing !== 'tested') {
    return (
      `${described(setting, say)}: ${test.result} on another ${family} of ${at}. Nothing is ` +
      'tested on this one: make a test cut first.'
    )
  }
  const rank =
    alike > 1
      ? `the quickest of ${alike} that came out ${test.result} near ${say.length(thickness)}`
      : `the one that came out ${test.result} nearest to ${say.length(thickness)}`
  return `${described(setting, say)}: ${rank}, tested on this stock at ${at}.${HEED[test.result] ?? ''}`
}

/** What stands behind the energy per cut face. */
export function energyWorking(setting: Setting, watts: number, thickness: number, say: Say): Working {
  const energy = cutEnergy(setting, watts, thickness)
  const share = short(setting.power / 100)
  return {
    title: 'Energy per cut face',
    result: `${fixed(energy, 2)} J/mm²`,
    formula: 'E = passes × watts × power ÷ (speed × T)',
    substituted:
      `${setting.passes} × ${short(watts)} × ${share} ÷ (${short(setting.speed)} mm/s × ` +
      `${fixed(thickness, 2)} mm) = ${fixed(energy, 2)} J/mm²`,
    terms: [
      { symbol: 'watts', meaning: 'of the tube or diode', value: `${short(watts)} W`, source: 'your choice' },
      { symbol: 'power', meaning: 'of it', value: `${short(setting.power)} %`, source: 'test' },
      { symbol: 'speed', meaning: 'along the path', value: say.speed(setting.speed), source: 'test' },
      { symbol: 'T', meaning: 'thickness', value: say.length(thickness), source: 'reading' },
    ],
    note:
      'Two settings with the same energy cut about as deep. More than what goes through ' +
      'cleanly only chars.',
  }
}
