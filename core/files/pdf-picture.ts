import { rgb, type PDFPage } from 'pdf-lib'
import type { Picture } from '../derive'
import { PT } from './pdf-text'

interface Place {
  /** The upper left corner, from the lower left of the page, and the room there, mm. */
  x: number
  y: number
  width: number
  height: number
}

/** Draws a box in space into a place of a page, as large as it fits. */
export function drawPicture(page: PDFPage, picture: Picture, place: Place): void {
  const [left, top, width, height] = picture.viewBox
  const scale = Math.min(place.width / width, place.height / height) * PT
  const at = ([a, b]: [number, number]): string =>
    `${((a - left) * scale).toFixed(2)} ${((b - top) * scale).toFixed(2)}`
  for (const { rings, shade } of picture.facets) {
    const light = 0.62 + 0.33 * shade
    page.drawSvgPath(rings.map((ring) => `M${ring.map(at).join('L')}Z`).join(''), {
      x: place.x * PT,
      y: place.y * PT,
      color: rgb(light, light * 0.93, light * 0.8),
      borderColor: rgb(0.35, 0.3, 0.24),
      borderWidth: 0.3,
    })
  }
}
