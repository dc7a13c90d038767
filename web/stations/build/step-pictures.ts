import { onBeforeUnmount, shallowRef, watch, type Ref } from 'vue'
import type { Panel } from '@core/box'
import type { BuildStep } from '@core/build'
import { BoxScene } from '@web/parts/box-scene'
import { useTheme } from '@web/shell/theme'

const [WIDTH, HEIGHT] = [520, 360]

/** A picture of each step: what stands already, and the panel that comes in, pulled out along its way. */
export function useStepPictures(
  steps: Ref<BuildStep[]>,
  panels: Ref<Panel[] | null>,
): Ref<Record<string, string>> {
  const pictures = shallowRef<Record<string, string>>({})
  const { theme } = useTheme()
  let scene: BoxScene | null = null
  let latest = 0

  /** One picture a frame: where a machine draws slowly, the page goes on being used meanwhile. */
  async function draw(): Promise<void> {
    if (!panels.value) return
    const own = ++latest
    try {
      scene ??= new BoxScene()
    } catch {
      return
    }
    scene.setSize(WIDTH, HEIGHT, 2)
    scene.angle = -0.5
    scene.tilt = 0.6
    scene.setPanels(panels.value)
    const pulled = Math.min(...panels.value.map(({ size }) => Math.min(size.width, size.height))) * 0.5
    for (const { id, panel, standing } of steps.value) {
      scene.draw(
        [
          ...standing.map((name) => ({ name, colour: 'ply' as const, out: 0 })),
          { name: panel, colour: 'heather' as const, out: standing.length > 0 ? pulled : 0 },
        ],
        pulled,
      )
      pictures.value = { ...pictures.value, [id]: scene.picture() }
      await new Promise(requestAnimationFrame)
      if (own !== latest) return
    }
  }
  watch([panels, theme], draw, { immediate: true, flush: 'post' })
  onBeforeUnmount(() => {
    latest++
    scene?.dispose()
  })
  return pictures
}
