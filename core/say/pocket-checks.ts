import { deepestPocket } from '../derive'
import type { Job } from '../job'
import type { Say } from '../length'
import { ASSUMED_MACHINE } from '../machine'
import type { Check } from '../plan'
import { depthOf, pocketModel } from '../tune'
import { look, ok, stop, type Looked } from './looked'

/** How deep the grooves come out, by this stock's test pockets on this machine. */
function pocketDepthCheck({ measure, tune }: Job, wanted: number, say: Say): Check {
  const { id, watts } = measure.machine ?? { id: '', watts: ASSUMED_MACHINE.watts }
  const model = pocketModel(measure.stock?.pockets ?? [], id)
  if (model.tests === 0)
    return look(
      'pocket',
      'Groove depth comes from a test pocket',
      'Engrave one on the same stock with this setting and measure how deep it is.',
    )
  const { depth, low, high } = depthOf(tune.pocket, watts, model)
  const said = `${say.plain(low, 1)} to ${say.length(high, 1)}`
  return wanted >= low && wanted <= high
    ? ok(
        'pocket',
        `Grooves come out ${say.length(depth, 1)} deep`,
        `${said}; wanted ${say.length(wanted, 1)}.`,
      )
    : look(
        'pocket',
        `Grooves come out ${say.length(depth, 1)} deep, wanted ${say.length(wanted, 1)}`,
        `Nine of ten lie within ${said}. Tune says the speed for the depth that is wanted.`,
      )
}

/** Pockets lie on the inside face, and their depth is only known from a test. [CP] */
export function pocketChecks({ job, plan, things }: Looked, say: Say): Check[] {
  const hasPockets = plan.loads.some(({ paths }) => paths.some(({ operation }) => operation === 'pocket'))
  if (!hasPockets || job.cut.off.includes('pocket')) return []
  return [
    ...(job.cut.face === 'outside'
      ? [
          stop(
            'face',
            'Grooves are on the inside face, and the outside lies up',
            'Choose “inside face up” in Cut: they would be engraved on the wrong face.',
          ),
        ]
      : []),
    pocketDepthCheck(job, deepestPocket(things), say),
  ]
}
