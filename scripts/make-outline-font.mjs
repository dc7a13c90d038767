// Writes core/lettering/outlines.json: outlines of letters that can be filled or cut out, from the shipped
// B612 Bold (SIL Open Font License 1.1, which allows that), in thousandths of the height of its capitals.
import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import opentype from 'opentype.js'

const file = createRequire(import.meta.url).resolve('@fontsource/b612/files/b612-latin-700-normal.woff')
const bytes = readFileSync(file)
const font = opentype.parse(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength))
const codes = [
  ...Array.from({ length: 95 }, (_, i) => 32 + i),
  ...Array.from({ length: 96 }, (_, i) => 160 + i),
]
const capHeight = font.tables.os2.sCapHeight || font.charToGlyph('H').getBoundingBox().y2
const scale = 1000 / capHeight
const n = (value) => Math.round(value * scale)
const glyphs = {}
for (const code of codes) {
  const sign = String.fromCharCode(code)
  const glyph = font.charToGlyph(sign)
  if (glyph.index === 0) continue
  const d = glyph.path.commands
    .map(({ type, x, y, x1, y1, x2, y2 }) =>
      type === 'Z'
        ? 'Z'
        : type === 'Q'
          ? `Q${n(x1)} ${n(y1)} ${n(x)} ${n(y)}`
          : type === 'C'
            ? `C${n(x1)} ${n(y1)} ${n(x2)} ${n(y2)} ${n(x)} ${n(y)}`
            : `${type}${n(x)} ${n(y)}`,
    )
    .join('')
  glyphs[sign] = { advance: n(glyph.advanceWidth), d }
}
writeFileSync(
  new URL('../core/lettering/outlines.json', import.meta.url),
  JSON.stringify({ capHeight: 1000, glyphs }) + '\n',
)
