import { onBeforeUnmount, ref, shallowRef, watch, type Ref } from 'vue'
import type { Panel } from '@core/assembly'
import type { BuildStep } from '@core/build'
import type { BoxScene, Showing } from '@web/parts/box-scene'
import type { HoldMark } from '@web/parts/hold-marks'
import { useTheme } from '@web/parts/theme'

const [WIDTH, HEIGHT] = [520, 360]

/** How far what comes in is pulled out at least, of the longest side. */
const LEAST_PULLED = 0.15

/** The bends of a sheet come in along with its panels. */
const isBend = (id: string): boolean => id.startsWith('bend-')

/** What is seen of a step: what stands already, and what comes in, pulled out along its way. */
export function showingOf(
  { panels: arriving, standing, from, id }: BuildStep,
  steps: BuildStep[],
  panels: Panel[],
): { showing: Showing[]; pulled: number } {
  const sides = panels.map(({ size }) => [size.width, size.height]).flat()
  const pulled = Math.max(Math.min(...sides) * 0.5, Math.max(...sides) * LEAST_PULLED)
  const bentAt = steps.findIndex((step) => step.panels.length > 1)
  const there = standing.map((name) => ({ name, colour: 'ply' as const, out: 0 }))
  const bends = panels.map(({ id: name }) => name).filter(isBend)
  const isSheet = arriving.length > 1
  const stands = bends.length > 0 && !isSheet && steps.findIndex((step) => step.id === id) > bentAt
  const coming = [...arriving, ...(isSheet ? bends : [])].map((name) => ({
    name,
    colour: 'heather' as const,
    out: standing.length > 0 ? pulled : 0,
    way: from,
    arrow: from !== undefined,
  }))
  const bent = (stands ? bends : []).map((name) => ({ name, colour: 'ply' as const, out: 0 }))
  return { showing: [...there, ...bent, ...coming], pulled }
}

/** Where no glue may go in a step: what it meets moves on it. */
export const dryMarks = ({ dry }: BuildStep): HoldMark[] => dry.map(({ zone }) => ({ what: 'dry', zone }))

/** What is seen of a round that is closed and held. */
export const heldOf = ({ panels: arrived, standing }: BuildStep): Showing[] =>
  [...standing, ...arrived].map((name) => ({ name, colour: 'ply' as const, out: 0 }))

export interface StepPictures {
  pictures: Ref<Record<string, string>>
  /** What holds a round, by the step that closes it. */
  held: Ref<Record<string, string>>
  /** True where the browser draws nothing in space. */
  impossible: Ref<boolean>
}

/** A picture of each step: what stands already, and the panel that comes in, pulled out along its way. */
export function useStepPictures(
  steps: Ref<BuildStep[]>,
  panels: Ref<Panel[] | null>,
  marksOf: (step: BuildStep) => HoldMark[],
): StepPictures {
  const pictures = shallowRef<Record<string, string>>({})
  const held = shallowRef<Record<string, string>>({})
  const impossible = ref(false)
  const { theme } = useTheme()
  let scene: BoxScene | null = null
  let latest = 0

  async function sceneFor(own: number): Promise<BoxScene | null> {
    if (scene) return scene
    const { BoxScene: Scene } = await import('@web/parts/box-scene')
    if (own !== latest) return null
    try {
      scene = new Scene()
    } catch {
      impossible.value = true
    }
    return scene
  }

  /** One picture a frame: where a machine draws slowly, the page goes on being used meanwhile. */
  async function draw(): Promise<void> {
    const own = ++latest
    if (!panels.value) return
    const drawn = await sceneFor(own)
    if (!drawn || own !== latest) return
    drawn.setSize(WIDTH, HEIGHT, 2)
    drawn.setPanels(panels.value)
    drawn.look(-0.5, 0.6)
    for (const step of steps.value) {
      const { showing, pulled } = showingOf(step, steps.value, panels.value)
      drawn.setMarks(dryMarks(step))
      drawn.draw(showing, 2 * pulled)
      pictures.value = { ...pictures.value, [step.id]: drawn.picture() }
      const marks = marksOf(step)
      if (marks.length > 0) {
        drawn.setMarks(marks)
        drawn.draw(heldOf(step), 2 * pulled)
        held.value = { ...held.value, [step.id]: drawn.picture() }
      }
      await new Promise(requestAnimationFrame)
      if (own !== latest) return
    }
  }
  watch([panels, theme], draw, { immediate: true, flush: 'post' })
  onBeforeUnmount(() => {
    latest++
    scene?.dispose()
  })
  return { pictures, held, impossible }
}
