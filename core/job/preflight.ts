import { fixed } from '../length'
import { OPERATION_NAMES } from '../machine'
import { isForbidden, type Violation } from '../nest'
import type { Check, DoubleLine } from '../plan'
import { stockTitle } from '../stock'
import { namesOtherSetting, settingWords, type Choice } from '../tune'
import type { DerivedBox } from './box'
import type { Part } from './parts'
import type { UncheckedPlan } from './plan-types'
import type { Job } from './schema'

const listed = (items: string[], most = 3): string =>
  items.slice(0, most).join(' ') + (items.length > most ? ` And ${items.length - most} more.` : '')

function layoutChecks(job: Job, parts: Part[], plan: UncheckedPlan): Check[] {
  const placed = new Set(job.layout.arrangement?.placements.map(({ part }) => part))
  const missing = parts.filter(({ id }) => !placed.has(id)).map(({ id }) => id)
  const hard = plan.violations.filter(isForbidden).map(({ message }) => message)
  const ofKind = (wanted: Violation['kind']): string[] =>
    plan.violations.filter(({ kind }) => kind === wanted).map(({ message }) => message)
  const [close, againstGrain] = [ofKind('gap'), ofKind('grain')]
  const { machine, stock } = job.measure
  const { sheetWidth, sheetHeight } = job.layout.settings
  const larger = machine !== null && (sheetWidth > machine.bedWidth || sheetHeight > machine.bedHeight)
  return [
    plan.layoutIsStale
      ? {
          id: 'fresh',
          state: 'stop',
          title: 'Layout belongs to older parts',
          detail: 'Parts or sheets changed after it was made. Lay out again.',
        }
      : {
          id: 'fresh',
          state: 'ok',
          title: 'Layout belongs to these parts',
          detail: 'Nothing changed since it was made.',
        },
    hard.length > 0
      ? {
          id: 'inside',
          state: 'stop',
          title: 'Parts overlap or leave the sheet or bed',
          detail: listed(hard),
        }
      : {
          id: 'inside',
          state: 'ok',
          title: `Inside the sheet${machine ? ' and the bed' : ''}, nothing overlaps`,
          detail: machine
            ? `Bed ${machine.bedWidth} × ${machine.bedHeight} mm.`
            : 'No machine chosen: only the sheet was checked.',
        },
    ...(close.length > 0
      ? [{ id: 'gap', state: 'look', title: 'Parts are closer than the gap', detail: listed(close) } as const]
      : []),
    ...(againstGrain.length > 0
      ? [
          {
            id: 'grain',
            state: 'look',
            title: 'Parts lie other than they should',
            detail: listed(againstGrain),
          } as const,
        ]
      : []),
    missing.length > 0
      ? {
          id: 'complete',
          state: 'look',
          title: `${missing.length} of ${parts.length} parts will not be cut`,
          detail: `Not placed: ${listed(
            missing.map((id) => `${id}.`),
            8,
          )}`,
        }
      : {
          id: 'complete',
          state: 'ok',
          title: `All ${parts.length} parts are placed`,
          detail: `${plan.sheets.length} ${plan.sheets.length === 1 ? 'sheet' : 'sheets'}.`,
        },
    ...(stock && plan.sheets.length > stock.sheetsAtHand
      ? [
          {
            id: 'stock',
            state: 'look',
            title: `${plan.sheets.length} ${plan.sheets.length === 1 ? 'sheet is' : 'sheets are'} needed, ${stock.sheetsAtHand} at hand`,
            detail: `Of ${stockTitle(stock)}. Fetch more, or make fewer copies.`,
          } as const,
        ]
      : []),
    ...(larger
      ? [
          {
            id: 'bed',
            state: 'look',
            title: 'The sheet is larger than the bed',
            detail: `Only ${Math.min(sheetWidth, machine.bedWidth)} × ${Math.min(sheetHeight, machine.bedHeight)} mm of it is used: cut the sheet down first.`,
          } as const,
        ]
      : []),
  ]
}

function pathChecks(plan: UncheckedPlan, doubled: DoubleLine[]): Check[] {
  const paths = plan.sheets.flatMap((sheet) => sheet.paths)
  const open = paths.filter(
    ({ operation, closed, points }) => operation !== 'score' && (!closed || points.length < 3),
  )
  return [
    open.length > 0
      ? {
          id: 'closed',
          state: 'stop',
          title: `${open.length} cuts are not closed`,
          detail: `In ${listed(open.map(({ part }) => `${part}.`))} The part would not fall out.`,
        }
      : {
          id: 'closed',
          state: 'ok',
          title: 'Every cut is a closed path',
          detail: `${paths.filter(({ operation }) => operation !== 'score').length} closed paths; labels are open strokes.`,
        },
    doubled.length > 0
      ? {
          id: 'double',
          state: 'stop',
          title: 'The same line would be cut twice',
          detail: listed(
            doubled.map(
              ({ parts, length, at }) =>
                `${parts[0]} and ${parts[1]} share ${fixed(length, 1)} mm at (${fixed(at.x, 1)}, ${fixed(at.y, 1)}).`,
            ),
          ),
        }
      : { id: 'double', state: 'ok', title: 'No line is cut twice', detail: 'Parts share no edges.' },
  ]
}

/** One sentence for screens and files: where compensation is, and how much. */
export function compensationStatement(where: Job['cut']['compensation'], perSide: number): string {
  const figures = `${fixed(perSide, 3)} mm per side (kerf ${fixed(2 * perSide, 3)} mm full width)`
  return where === 'paths'
    ? `Compensation is in the paths: ${figures}. Do not compensate again in the laser's software.`
    : `Compensation is left to the laser's software: set ${figures}, outward on outlines and inward on holes.`
}

/** A kerf holds for the setting it was measured at: what to say when the job cuts with another; empty when it does not, or nobody knows. */
export function kerfOfOtherSetting({ measure: { kerf } }: Pick<Job, 'measure'>, { setting }: Choice): string {
  if (!kerf || !namesOtherSetting(kerf.setting, setting)) return ''
  return `The kerf was measured at ${kerf.setting}; this cuts with ${settingWords(setting)}. Measure it again with this setting.`
}

function settingChecks(job: Job, box: DerivedBox, plan: UncheckedPlan): Check[] {
  const off = [
    ...job.cut.off.map((operation) => OPERATION_NAMES[operation]),
    ...(!job.cut.labels && !job.cut.off.includes('score') ? [OPERATION_NAMES.score] : []),
  ]
  const result = plan.choice.test?.result
  const otherKerf = kerfOfOtherSetting(job, plan.choice)
  const tested = plan.choice.standing === 'tested' && result !== 'not through'
  return [
    box.kerf.measured
      ? {
          id: 'compensation',
          state: 'ok',
          title: 'Compensation is stated',
          detail: compensationStatement(job.cut.compensation, box.kerf.perSide),
        }
      : {
          id: 'compensation',
          state: 'look',
          title: 'Compensation rests on an assumed kerf',
          detail: `${compensationStatement(job.cut.compensation, box.kerf.perSide)} Measure the kerf first.`,
        },
    ...(otherKerf
      ? [
          {
            id: 'kerf-setting',
            state: 'look',
            title: 'The kerf was measured at another setting',
            detail: otherKerf,
          } as const,
        ]
      : []),
    box.thickness.readings > 1
      ? {
          id: 'thickness',
          state: 'ok',
          title: 'Thickness is measured',
          detail: `${box.thickness.readings} readings.`,
        }
      : box.thickness.measured
        ? {
            id: 'thickness',
            state: 'look',
            title: 'Thickness is measured in one place',
            detail: 'Measure in a few more: the rest of the sheet may differ.',
          }
        : {
            id: 'thickness',
            state: 'look',
            title: 'Thickness is taken from the label',
            detail: 'Measure the sheet: tab ends and inner size depend on it.',
          },
    tested
      ? {
          id: 'settings',
          state: 'ok',
          title: 'Settings are tested on this stock',
          detail: plan.choice.reason,
        }
      : {
          id: 'settings',
          state: 'look',
          title:
            result === 'not through'
              ? 'This setting did not cut through in its test'
              : 'Settings are not tested on this stock',
          detail: plan.choice.reason,
        },
    off.length > 0
      ? {
          id: 'off',
          state: off.includes(OPERATION_NAMES.outline) ? 'stop' : 'look',
          title: `Switched off: ${off.join(', ')}`,
          detail: 'These are in the drawing and will not be in the file.',
        }
      : {
          id: 'off',
          state: 'ok',
          title: 'Nothing is switched off',
          detail: 'Every operation goes into the file.',
        },
  ]
}

/** Everything that is looked at before a file may be written. */
export function preflight(
  job: Job,
  box: DerivedBox,
  parts: Part[],
  plan: UncheckedPlan,
  doubled: DoubleLine[],
): Check[] {
  if (plan.sheets.length === 0)
    return [
      {
        id: 'complete',
        state: 'stop',
        title: 'Nothing is laid out',
        detail: 'No part lies on a sheet. Go to Lay out.',
      },
    ]
  return [...layoutChecks(job, parts, plan), ...pathChecks(plan, doubled), ...settingChecks(job, box, plan)]
}
