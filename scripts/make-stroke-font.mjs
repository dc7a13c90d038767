// Writes core/lettering/glyphs.json: the capitals, digits and signs that labels need, out of the Hershey
// simplex roman set. The letters were drawn by A. V. Hershey at the U.S. National Bureau of Standards; their
// use is free if that is said.
import { writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'

const fonts = createRequire(import.meta.url)('hersheytext/hersheytext.min.json')
const firstCode = 33 // the set begins at "!"
const wanted = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-./+#()'
const baseline = 22
const glyphs = {}
for (const letter of wanted) {
  const { d, o } = fonts.futural.chars[letter.charCodeAt(0) - firstCode]
  const strokes = d
    .split('M')
    .filter(Boolean)
    .map((stroke) =>
      stroke
        .trim()
        .split(/[\sL]+/)
        .filter(Boolean)
        .map((pair) => {
          const [x, y] = pair.split(',').map(Number)
          return [x, baseline - y]
        }),
    )
  glyphs[letter] = { advance: Math.round(o * 2), strokes }
}
writeFileSync(
  new URL('../core/lettering/glyphs.json', import.meta.url),
  JSON.stringify({ capHeight: 21, glyphs }) + '\n',
)
