import type { Faces } from '../art'
import { depthsOf, markSettings, type DerivedThing } from '../derive'
import { sharedArea } from '../geometry'
import type { Job } from '../job'
import type { Say } from '../length'
import { ASSUMED_MACHINE } from '../machine'
import type { Check } from '../plan'
import { depthOf, pocketModel } from '../tune'
import { look, ok, stop, type CheckInput } from './check-input'

/** Deeper than this share of a panel, a pocket leaves a skin that breaks. [FM] */
const MOST_SUNK = 0.8

/** How deep the grooves come out, by this stock's test pockets on this machine. */
function pocketDepthCheck(job: Job, wanted: number, say: Say): Check {
  const { measure } = job
  const { id, watts } = measure.machine ?? { id: '', watts: ASSUMED_MACHINE.watts }
  const model = pocketModel(measure.stock?.pockets ?? [], id)
  if (model.tests === 0)
    return look(
      'pocket',
      'Depth comes from a test pocket',
      'Engrave one on the same stock with this setting and measure how deep it is.',
    )
  const { depth, low, high } = depthOf(markSettings(job).pocket, watts, model)
  const said = `${say.plain(low, 1)} to ${say.length(high, 1)}`
  return wanted >= low && wanted <= high
    ? ok(
        'pocket',
        `Pockets come out ${say.length(depth, 1)} deep`,
        `${said}; wanted ${say.length(wanted, 1)}.`,
      )
    : look(
        'pocket',
        `Pockets come out ${say.length(depth, 1)} deep, wanted ${say.length(wanted, 1)}`,
        `Nine of ten lie within ${said}. Tune says the speed for the depth that is wanted.`,
      )
}

/** Grooves are in the inside face; how deep they and other pockets come out only a test tells. [CP] */
export function pocketChecks({ job, plan, things }: CheckInput, say: Say): Check[] {
  if (job.cut.off.includes('pocket')) return []
  const isGrooved = things.some(({ box }) =>
    (box.panels ?? []).some(({ features }) => features.some(({ depth }) => depth !== null)),
  )
  const hasPockets = plan.loads.some(({ paths }) => paths.some(({ operation }) => operation === 'pocket'))
  return [
    ...(isGrooved && job.cut.face === 'outside' && job.cut.turn === 'leave out'
      ? [
          stop(
            'face',
            'Grooves are on the inside face, and the outside lies up',
            'Choose “inside face up” in Cut, or let the sheet be turned over for them.',
          ),
        ]
      : []),
    ...(hasPockets ? [pocketDepthCheck(job, depthsOf(things)[0], say), ...tooDeep(things)] : []),
  ]
}

/** Deepest that a panel is sunk anywhere: where pockets of both faces meet, both count. */
function deepestIn({ outside, inside }: Faces): number {
  const alone = [...outside.pockets, ...inside.pockets].map(({ depth }) => depth)
  const both = outside.pockets.flatMap((a) =>
    inside.pockets.flatMap((b) => (sharedArea(a.area, b.area) > 1 ? [a.depth + b.depth] : [])),
  )
  return Math.max(0, ...alone, ...both)
}

/** Pockets that leave next to nothing of their panel. */
const tooDeep = (things: DerivedThing[]): Check[] =>
  things.flatMap(({ box: { panels } }) =>
    (panels ?? []).flatMap(({ label, thickness, faces }): Check[] =>
      faces && deepestIn(faces) > thickness * MOST_SUNK
        ? [
            look(
              `deep ${label}`,
              `A pocket goes nearly through the ${label}`,
              'Under a fifth of the sheet is left below it. Make it shallower in Shape or the panel thicker.',
            ),
          ]
        : [],
    ),
  )
