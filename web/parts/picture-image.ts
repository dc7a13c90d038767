import type { Greys, PlacedPicture } from '@core/art'

const known = new WeakMap<Greys, string>()

/** Greys as a picture that a page can show: what is dark burns, what is white is left as the sheet is. */
function hrefOf(greys: Greys): string {
  const before = known.get(greys)
  if (before) return before
  const canvas = document.createElement('canvas')
  canvas.width = greys.columns
  canvas.height = greys.rows
  const context = canvas.getContext('2d')!
  const image = context.createImageData(greys.columns, greys.rows)
  greys.values.forEach((grey, i) => image.data.set([40, 28, 18, 255 - grey], 4 * i))
  context.putImageData(image, 0, 0)
  const href = canvas.toDataURL('image/png')
  known.set(greys, href)
  return href
}

/** How a placed picture is drawn where y runs down: a unit square, taken to its corners. */
export function pictureImage({ greys, corners: [a, b, c] }: PlacedPicture): {
  href: string
  transform: string
} {
  const along = [b.x - a.x, -(b.y - a.y)]
  const down = [a.x - c.x, -(a.y - c.y)]
  return { href: hrefOf(greys), transform: `matrix(${[...along, ...down, c.x, -c.y].join(' ')})` }
}
