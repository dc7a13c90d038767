import type { CutPlan, LoadPlan } from '@core/derive'
import { packPaths, unpackPaths, type CutPath } from '@core/plan'
import type { PackedPlan } from './protocol'

/** A plan as it is handed over, and the blocks that go with it. */
export function packPlan(plan: CutPlan): { packed: PackedPlan; blocks: ArrayBuffer[] } {
  const loads = plan.loads.map(({ paths, ...load }) => ({ ...load, packed: packPaths(paths) }))
  return { packed: { ...plan, loads }, blocks: loads.map(({ packed }) => packed.coordinates.buffer) }
}

/** The plan again. Paths are unpacked when somebody asks for them: most stations never do. */
export function unpackPlan({ loads, ...plan }: PackedPlan): CutPlan {
  return {
    ...plan,
    loads: loads.map(({ packed, ...load }): LoadPlan => {
      let paths: CutPath[] | null = null
      return {
        ...load,
        get paths() {
          return (paths ??= unpackPaths(packed))
        },
      }
    }),
  }
}
