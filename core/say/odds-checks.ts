import { capitalised, chance, counted, percent, short, type Say } from '../length'
import { OPERATION_NAMES as NAMES } from '../machine'
import type { Check } from '../plan'
import { believeCut, choiceReason, cuttingOf, oddsOf } from '../belief'
import type { Setting } from '../tune'
import { look, ok, stop, type CheckInput } from './check-input'
import { unsaidOf } from './unsaid'

/** Under these odds a cut is more likely spoilt than not. */
const HALF = 0.5

/** That nobody said what is cut, and on what: every figure in the files is then a guess. */
export function unsaidCheck({ job }: CheckInput): Check[] {
  const unsaid = unsaidOf(job).map(({ says }) => says)
  if (unsaid.length === 0) return []
  const said = unsaid.join(' and ')
  return [
    look(
      'unsaid',
      capitalised(said),
      'Bed, speeds, thickness and kerf in these files are guesses until then. Give them in Measure.',
    ),
  ]
}

/** A controller only follows its lines: nobody would compensate a program that is not compensated. */
export const programCheck = ({ job: { cut }, formats }: CheckInput): Check[] =>
  cut.compensation === 'software' && formats.includes('gcode')
    ? [
        stop(
          'program',
          'A program would be cut without compensation',
          'A controller cuts along the lines as they are: every joint would be loose by the kerf. Put ' +
            'compensation into the paths, or write no G-code.',
        ),
      ]
    : []

/**
 * How likely the joints are to be of use. A kerf that is only assumed tells too little to stop anything: that
 * it is assumed is a check of its own.
 */
export function fitCheck({ fit: { odds, wanted, word }, box }: CheckInput): Check[] {
  const useless = (['forced', 'loose'] as const)
    .filter((each) => each !== wanted)
    .reduce((sum, each) => sum + odds[each], 0)
  const said = `Odds of ${wanted}, the fit you asked for: ${percent(odds[wanted])}.`
  if (useless > HALF && box.kerf.measured)
    return [
      stop(
        'fit',
        `The joints will be ${word}, with odds of ${percent(odds[word])}`,
        `${said} Take the advice in Measure, ask for another fit there, or measure again.`,
      ),
    ]
  if (odds[wanted] >= HALF) return [ok('fit', `The joints fit ${word}`, said)]
  return [look('fit', `The fit is a gamble: ${word} is likeliest`, `${said} Try a test comb first.`)]
}

/** Odds of the plan's setting going through; null where machine or stock are not chosen. */
function throughOdds({ job: { measure, tune }, plan: { choice } }: CheckInput): number | null {
  const { machine, stock } = measure
  if (!machine || !stock) return null
  const { need } = believeCut(tune, machine, stock, choice.thickness)
  return oddsOf(need, cuttingOf(choice.setting, machine.watts, choice.thickness)).through
}

const isSame = (a: Setting, b: Setting): boolean =>
  a.speed === b.speed && a.power === b.power && a.passes === b.passes

/** The speeds that a machine cannot go, by what they were asked for. */
function tooFast({ job: { measure }, plan }: CheckInput, say: Say): Check[] {
  const { machine } = measure
  if (!machine) return []
  const used = new Set(
    plan.loads.flatMap(({ paths }) => paths.map(({ own, operation }) => own ?? NAMES[operation])),
  )
  const asked = plan.stocks.flatMap((stock) => stock.asked)
  const fast = asked.filter(({ name, setting }) => used.has(name) && setting.speed > machine.maxSpeed)
  if (fast.length === 0) return []
  const which = [...new Set(fast.map(({ name, setting }) => `${name} at ${say.speed(setting.speed)}`))]
  return [
    stop(
      'speed',
      `Faster than this machine goes: ${which.join(', ')}`,
      `The highest speed of ${machine.name} is ${say.speed(machine.maxSpeed)}. Go slower in Tune, or mend ` +
        'the machine’s own figure in Measure.',
    ),
  ]
}

/** Whether the machine can do all of it, and whether what marks was ever tried. */
export const machineChecks = (looked: CheckInput, say: Say): Check[] => [
  ...tooFast(looked, say),
  ...markCheck(looked, say),
]

/** Whether what cuts goes through. */
export function throughCheck(looked: CheckInput, say: Say): Check {
  const { job, plan } = looked
  const { choice } = plan
  const reason = choiceReason(choice, say)
  const { machine, stock } = job.measure
  const same = job.tune.tests.filter(
    ({ machineId, stockId, setting }) =>
      machineId === machine?.id && stockId === stock?.id && isSame(setting, choice.setting),
  )
  const failed = same.filter(({ result }) => result === 'not through').length
  if (failed > 0 && 2 * failed >= same.length)
    return stop(
      'settings',
      `This setting did not cut through in ${failed} of ${counted(same.length, 'test')}`,
      `${reason} Go slower, or take more passes, and test that.`,
    )
  const odds = throughOdds(looked)
  const through = odds === null ? '' : ` Odds of going through: ${chance(odds)}.`
  if (odds !== null && odds < HALF)
    return stop('settings', 'This setting will hardly cut through', `${reason}${through}`)
  if (odds !== null && odds < job.tune.sure / 100 && choice.standing === 'tested')
    return look(
      'settings',
      `Cutting through is less sure than the ${short(job.tune.sure)} % you want`,
      `${reason}${through} Tune says which speed is.`,
    )
  if (choice.standing === 'tested')
    return ok('settings', 'The cutting setting is tested on this stock', `${reason}${through}`)
  return look('settings', 'The cutting setting is not tested on this stock', `${reason}${through}`)
}

/** Engraving and scoring whose settings are only where one begins. */
function markCheck({ job: { tune }, plan }: CheckInput, say: Say): Check[] {
  const used = new Set(plan.loads.flatMap(({ paths }) => paths.map(({ operation }) => operation)))
  const first = (['engrave', 'pocket', 'score'] as const).filter(
    (mark) => tune[mark] === null && used.has(mark),
  )
  if (first.length === 0) return []
  const said = first.map((mark) => {
    const { speed, power } = plan.settings[mark]
    return `${NAMES[mark]} ${say.speed(speed)} at ${short(power)} %`
  })
  return [
    look(
      'marks',
      'Nobody has tried the setting that marks',
      `${said.join('; ')} is a usual start on such a machine. Try it on a scrap, and set it in Tune.`,
    ),
  ]
}
