import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { initWasm, Resvg } from '@resvg/resvg-wasm'

const wasm = createRequire(import.meta.url).resolve('@resvg/resvg-wasm/index_bg.wasm')
await initWasm(readFileSync(wasm))

/** What the page's worker does with an SVG. */
export function flatten(svg: string): string {
  const read = new Resvg(svg)
  try {
    return read.toString()
  } finally {
    read.free()
  }
}

/** How much of a drawing is painted, as a share of its page: counted in pixels by that library. */
export function paintedShare(svg: string, pixels = 2000): number {
  const read = new Resvg(svg, { fitTo: { mode: 'width', value: pixels } })
  const image = read.render()
  const { pixels: rgba, width, height } = image
  let sum = 0
  for (let i = 0; i < rgba.length; i += 4)
    sum += (rgba[i + 3] / 255) * (1 - (rgba[i] + rgba[i + 1] + rgba[i + 2]) / 765 > 0 ? 1 : 0)
  image.free()
  read.free()
  return sum / (width * height)
}
