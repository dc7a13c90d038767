import type { LoadPlan } from '@core/derive'
import { rectangle } from '@core/geometry'
import { lineData } from '@web/parts/svg-path'

/** The edge of the piece that a load is cut from, as it lies on the bed, y down: an offcut as it is. */
export function loadOutline({ outline, x, y, width, height, face }: LoadPlan): string {
  // Turned over it lies mirrored: there the rectangle is drawn that the page is.
  const ring = outline && face !== 'first' ? outline.map((at) => ({ x: at.x - x, y: at.y - y })) : null
  return lineData(ring ?? rectangle(0, 0, width, height), true)
}
