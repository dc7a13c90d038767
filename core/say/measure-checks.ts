import type { Job } from '../job'
import { counted, type Say } from '../length'
import type { Check } from '../plan'
import type { Choice } from '../belief'
import { namesOtherSetting, settingWords } from '../tune'
import { look, ok, type CheckInput } from './check-input'
import { compensationStatement } from './statements'

/**
 * A kerf holds for the setting it was measured at: what to say when the job cuts with another; empty when it
 * does not, or nobody knows.
 */
export function kerfOfOtherSetting(
  { measure: { kerf } }: Pick<Job, 'measure'>,
  { setting }: Choice,
  say: Say,
): string {
  if (!kerf || !namesOtherSetting(kerf.setting, setting)) return ''
  return (
    `The kerf was measured at ${kerf.setting}; this cuts with ${settingWords(setting, say)}. ` +
    'Measure it again with this setting.'
  )
}

export function kerfChecks({ job, box, plan }: CheckInput, say: Say): Check[] {
  const statement = compensationStatement(job.cut.compensation, box, say)
  const otherKerf = kerfOfOtherSetting(job, plan.choice, say)
  const uneven = !box.kerf.round && job.cut.compensation === 'software'
  return [
    box.kerf.measured
      ? ok('compensation', 'Compensation is stated', statement)
      : look('compensation', 'Compensation rests on an assumed kerf', `${statement} Measure the kerf first.`),
    ...(otherKerf ? [look('kerf-setting', 'The kerf was measured at another setting', otherKerf)] : []),
    ...(uneven
      ? [
          look(
            'round',
            'The beam is not round, and software compensates both ways alike',
            'Joints cut in the two directions will fit differently. Let the paths be ' +
              'compensated here instead.',
          ),
        ]
      : []),
  ]
}

export function thicknessCheck({ box: { thickness } }: CheckInput): Check {
  if (thickness.readings > 1) {
    return ok('thickness', 'Thickness is measured', `${counted(thickness.readings, 'reading')}.`)
  }
  return thickness.measured
    ? look(
        'thickness',
        'Thickness is measured in one place',
        'Measure in a few more: the rest of the sheet may differ.',
      )
    : look(
        'thickness',
        'Thickness is taken from the label',
        'Measure the sheet: tab ends and inner size depend on it.',
      )
}
