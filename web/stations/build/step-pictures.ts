import { onBeforeUnmount, shallowRef, watch, type Ref } from 'vue'
import type { Panel } from '@core/box'
import type { BuildStep } from '@core/build'
import { BoxScene } from '@web/parts/box-scene'
import { useTheme } from '@web/shell/theme'

const [WIDTH, HEIGHT] = [520, 360]

/** A picture of each step: what stands already, and the panel that comes in, pulled out along its way. */
export function useStepPictures(steps: Ref<BuildStep[]>, panels: Ref<Panel[] | null>): Ref<Record<string, string>> {
  const pictures = shallowRef<Record<string, string>>({})
  const { theme } = useTheme()
  let scene: BoxScene | null = null

  function draw(): void {
    if (!panels.value) return
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
    const drawn: Record<string, string> = {}
    for (const { id, panel, standing } of steps.value) {
      scene.draw([...standing.map((name) => ({ name, colour: 'ply' as const, out: 0 })), { name: panel, colour: 'heather' as const, out: standing.length > 0 ? pulled : 0 }], pulled)
      drawn[id] = scene.picture()
    }
    pictures.value = drawn
  }
  watch([panels, theme], draw, { immediate: true, flush: 'post' })
  onBeforeUnmount(() => scene?.dispose())
  return pictures
}
