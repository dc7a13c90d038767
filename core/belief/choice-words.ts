import { counted, fixed, short, type Say } from '../length'
import type { Setting, TestRecord } from '../tune'
import type { Choice } from './choice'

const described = ({ speed, power, passes }: Setting, say: Say): string =>
  `${say.speed(speed)} at ${short(power)} %${passes > 1 ? `, ${passes} passes` : ''}`

/** What else is to be heeded with a result that is not the best. */
const HEED: Partial<Record<TestRecord['result'], string>> = {
  'just through': 'Knots and glue lines may stay in: look before you move the sheet.',
  charred: 'A quicker one is worth a test.',
}

function typedReason({ test, failed }: Choice): string {
  if (failed > 0)
    return `You picked this one. It did not go through in ${counted(failed, 'test')} on this stock.`
  if (!test) return 'You typed this setting. It has no test on this stock yet: make a test cut first.'
  const good = test.result === 'clean' || test.result === 'just through'
  return (
    'You picked this one. Its test on this stock came out ' +
    `${test.result}${good ? '.' : ': another one would be better.'}`
  )
}

function failuresSaid({ failed, tried }: Choice): string {
  if (failed < tried)
    return `${failed} of ${tried} tests on this stock did not go through, so no setting can be relied on.`
  return `${failed === 1 ? 'The one test' : `All ${failed} tests`} on this stock did not go through.`
}

/** Why this setting, in one or two sentences. */
export function choiceReason(choice: Choice, say: Say): string {
  const { setting, standing, test, from, alike, failed, family, energy, thickness } = choice
  if (from === 'typed') return typedReason(choice)
  if (from === 'nothing chosen') {
    return 'Choose a machine and a stock in Measure: until then this is only a guess from the energy rule.'
  }
  if (from === 'failures')
    return (
      `${failuresSaid(choice)} ` +
      `${described(setting, say)} is likelier: make a test cut, and write down what came out.`
    )
  if (from === 'other stocks')
    return (
      'Nothing is tested for this stock on this machine. From what its other stocks needed, ' +
      `${described(setting, say)} is likely to go through: make a test cut first.`
    )
  if (!test) {
    return (
      `Nothing is tested for this stock on this machine. ${say.speed(setting.speed)} ` +
      (`(${say.otherSpeeds(setting.speed)}) at ${setting.power} % is a careful first guess from the ` +
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
  const heed = HEED[test.result]
  const more = [
    ...(failed > 0 ? [`It did not go through in ${counted(failed, 'other test')}.`] : []),
    ...(heed ? [heed] : []),
  ]
  const rank =
    alike > 1
      ? `the quickest of ${alike} that came out ${test.result} near ${say.length(thickness)}`
      : `the one that came out ${test.result} nearest to ${say.length(thickness)}`
  return [`${described(setting, say)}: ${rank}, tested on this stock at ${at}.`, ...more].join(' ')
}
