import { jobForStock, type LoadPlan } from '../derive'
import { counted, type Say } from '../length'
import { cutsThrough, OPERATION_NAMES } from '../machine'
import type { Check, CutPath } from '../plan'
import { stockTitle } from '../stock'
import { labelsLook } from './label-words'
import { kerfChecks, thicknessCheck } from './measure-checks'
import { listed, look, ok, stop, type CheckInput } from './check-input'
import { fitCheck, machineChecks, programCheck, throughCheck, unsaidCheck } from './odds-checks'
import { placeChecks } from './place-checks'
import { questionChecks } from './questions'
import { faultSentence } from './warnings'
import { faceChecks, inlayChecks, magnetChecks, nestedChecks } from './face-checks'
import { pocketChecks } from './pocket-checks'
import { placeStatement } from './statements'

function freshCheck({ plan }: CheckInput): Check {
  return plan.layoutIsStale
    ? stop(
        'fresh',
        'Layout belongs to older parts',
        'Parts or sheets changed after it was made. Lay out again.',
      )
    : ok('fresh', 'Layout belongs to these parts', 'Nothing changed since it was made.')
}

function completeCheck({ job, parts, plan }: CheckInput): Check {
  const placed = new Set(job.layout.arrangement?.placements.map(({ part }) => part))
  const missing = parts.filter(({ id }) => !placed.has(id)).map(({ label }) => `${label}.`)
  return missing.length > 0
    ? look(
        'complete',
        `${missing.length} of ${parts.length} parts will not be cut`,
        `Not placed: ${listed(missing, 8)}`,
      )
    : ok('complete', `All ${parts.length} parts are placed`, `${counted(plan.sheets, 'sheet')}.`)
}

const keyOfSheet = ({ material, sheet }: LoadPlan): string => `${material} ${sheet}`

function sheetChecks({ job, plan }: CheckInput, say: Say): Check[] {
  const { machine, stock } = job.measure
  const checks: Check[] = []
  const whole = new Set(plan.loads.filter(({ offcut }) => offcut === null).map(keyOfSheet)).size
  if (stock && whole > stock.sheetsAtHand) {
    const needed = `${counted(whole, 'sheet')} ${whole === 1 ? 'is' : 'are'} needed`
    const title = `${needed}, ${stock.sheetsAtHand} at hand`
    checks.push(look('stock', title, `Of ${stockTitle(stock)}. Fetch more, or make fewer copies.`))
  }
  const [first] = plan.loads
  if (machine && first.of > 1) {
    const loads = plan.loads.filter(({ face }) => face !== 'first').length
    const title =
      `The sheet is larger than the bed and takes ${counted(first.of, 'load')}` +
      (loads < first.of ? `; parts lie in ${loads} of them` : '')
    checks.push(look('bed', title, placeStatement(machine, first, say)))
  }
  return checks
}

function pathChecks({ job, plan, parts }: CheckInput, say: Say): Check[] {
  const cuts = plan.loads.flatMap(({ paths }) => paths).filter(({ operation }) => cutsThrough(operation))
  const bent = new Set(parts.filter(({ lies }) => lies[0].slits.length > 0).map(({ id }) => id))
  /** A straight line through a sheet that bends. */
  const isSlit = ({ operation, part, points }: CutPath): boolean =>
    operation === 'inside' && points.length === 2 && bent.has(part)
  const slits = cuts.filter((path) => !path.closed && isSlit(path)).length
  /** A stretch between two bridges. */
  const isBridged = ({ operation, closed }: CutPath): boolean =>
    operation === 'outline' && !closed && job.cut.bridges.count > 0
  const bridged = cuts.filter(isBridged)
  const sharing = cuts.filter(({ beside }) => beside !== undefined)
  const whole = cuts.length - slits - bridged.length - sharing.length
  const open = cuts.filter(
    (path) =>
      ((!path.closed && path.beside === undefined) || path.points.length < 3) &&
      !isSlit(path) &&
      !isBridged(path),
  )
  const twice = plan.doubled.map(
    ({ parts, length, at }) =>
      `${parts[0]} and ${parts[1]} share ${say.length(length, 1)} at (${say.plain(at.x, 1)}, ` +
      `${say.plain(at.y, 1)}).`,
  )
  return [
    open.length > 0
      ? stop(
          'closed',
          `${open.length} cuts are not closed`,
          `In ${listed(open.map(({ part }) => `${part}.`))} The part would not fall out.`,
        )
      : ok(
          'closed',
          bridged.length > 0
            ? 'Every cut is closed, or held by bridges'
            : sharing.length > 0
              ? 'Every cut is closed, or shares a side'
              : 'Every cut is a closed path',
          slits > 0
            ? `${whole} closed paths; ${slits} slits and labels are open lines.`
            : `${whole} closed paths; labels are open strokes.`,
        ),
    ...(sharing.length > 0
      ? [
          ok(
            'shared',
            `${counted(sharing.length, 'edge')} cut once for two parts`,
            'The kerf between them counts once. A part that comes loose first must not tilt into the ' +
              'way of the other: stay with the machine.',
          ),
        ]
      : []),
    ...(bridged.length > 0
      ? [
          ok(
            'bridges',
            `${counted(new Set(bridged.map(({ part }) => part)).size, 'part')} held by bridges`,
            `${counted(bridged.length, 'bridge')} of ${say.short(job.cut.bridges.width)}: break the parts ` +
              'out and trim what stands out.',
          ),
        ]
      : []),
    twice.length > 0
      ? stop('double', 'The same line would be cut twice', listed(twice))
      : ok('double', 'No line is cut twice', 'Parts share no edges.'),
  ]
}

function offCheck({ job: { cut } }: CheckInput): Check {
  const off = cut.off.map((operation) => OPERATION_NAMES[operation])
  if (off.length === 0) return ok('off', 'Nothing is switched off', 'Every operation goes into the file.')
  const check = off.includes(OPERATION_NAMES.outline) ? stop : look
  return check(
    'off',
    `Switched off: ${off.join(', ')}`,
    'These are in the drawing and will not be in the file.',
  )
}

/** That panels are not labelled, and why. */
function labelCheck({ job: { cut }, plan }: CheckInput): Check[] {
  if (cut.off.includes('score')) return [] // told of with all that is switched off
  const way = labelsLook(cut, plan.loads)
  if (way === 'none wanted') return [look('labels', 'No part is labelled', LABELS_HELP)]
  if (way !== 'they would show') return []
  return [
    look(
      'labels',
      'No part is labelled: the outside lies up, and labels would show there',
      `${LABELS_HELP} Let the inside lie up in Cut, or have them on the outside.`,
    ),
  ]
}
const LABELS_HELP = 'Panels that are mirror images of each other are told apart by their labels.'

/** What is checked of every stock by itself, seen as if it were the job's own. */
function stockChecks(looked: CheckInput, say: Say): Check[] {
  return [
    ...sheetChecks(looked, say),
    ...kerfChecks(looked, say),
    thicknessCheck(looked),
    throughCheck(looked, say),
  ]
}

/** The same of every other stock of the job; only what has to be looked at, and of which stock. */
function otherStockChecks(looked: CheckInput, say: Say): Check[] {
  const { job, box, parts, plan } = looked
  return box.materials.slice(1).flatMap((material) => {
    const own = parts.filter((part) => part.material === material.id)
    const cut = plan.stocks.find((each) => each.material === material.id)
    if (own.length === 0 || !cut) return []
    const loads = plan.loads.filter((load) => load.material === material.id)
    const sheets = loads.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
    const seen: CheckInput = {
      ...looked,
      job: jobForStock(job, material.id),
      box: { ...box, ...material },
      parts: own,
      plan: { ...plan, ...cut, loads, sheets },
    }
    return stockChecks(seen, say)
      .filter(({ state }) => state !== 'ok')
      .map((check) => ({
        ...check,
        id: `${check.id} ${material.id}`,
        title: `${material.name}: ${check.title}`,
      }))
  })
}

/** Whether the panels hold together as drawn. */
function proofCheck({ things }: CheckInput): Check[] {
  const found = things.find(({ box }) => (box.proof?.faults.length ?? 0) > 0)
  if (!found) return []
  const { box } = found
  const detail = faultSentence(box.proof!.faults[0], box)
  return [stop('proof', 'The panels do not hold together as drawn', `${detail} Look at Shape.`)]
}

/** Everything that is looked at before a file may be written. */
export function preflight(looked: CheckInput, say: Say): Check[] {
  if (looked.plan.loads.length === 0) {
    return [stop('complete', 'Nothing is laid out', 'No part lies on a sheet. Go to Lay out.')]
  }
  return [
    ...unsaidCheck(looked),
    ...questionChecks(looked, say),
    freshCheck(looked),
    ...placeChecks(looked, say),
    completeCheck(looked),
    ...proofCheck(looked),
    ...pathChecks(looked, say),
    ...pocketChecks(looked, say),
    ...faceChecks(looked),
    ...magnetChecks(looked),
    ...inlayChecks(looked, say),
    ...nestedChecks(looked),
    ...programCheck(looked),
    ...machineChecks(looked, say),
    ...fitCheck(looked),
    ...labelCheck(looked),
    ...stockChecks(looked, say),
    ...otherStockChecks(looked, say),
    offCheck(looked),
  ]
}
