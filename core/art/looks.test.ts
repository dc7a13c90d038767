import { describe, expect, test } from '@jest/globals'
import bwipjs from 'bwip-js/node'
import { arc, contours, geoPath, range, symbol, symbolsFill, type SymbolType } from 'd3'
import { toSvg } from 'jdenticon'
import qrcode from 'qrcode-generator'
import { flatten, paintedShare } from '../../scripts/testing/flatten'
import { area, filled, type Point } from '../geometry'
import { readArtwork, type Artwork } from './index'

function art(text: string): Artwork {
  const read = readArtwork('a.svg', text, flatten)
  if (!read.ok) throw new Error(read.error)
  return read.art
}
/** Area that is filled, mm², each group for itself. */
const filledArea = ({ drawing }: Artwork): number =>
  drawing.groups
    .filter(({ use }) => use === 'engrave')
    .reduce((sum, { lines }) => {
      const rings = lines.map(({ at }) =>
        at.flatMap((x, i): Point[] => (i % 2 === 0 ? [{ x, y: at[i + 1] }] : [])),
      )
      return sum + filled(rings, 'evenodd').reduce((all, region) => all + area(region), 0)
    }, 0)
const page = (
  inside: string,
  about = 'width="100mm" height="100mm" viewBox="0 0 100 100"',
  before = '',
): string =>
  '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ' +
  `${about}>${before}${inside}</svg>`
const off = (found: number, wanted: number): number => Math.abs(found / wanted - 1)

describe('files that other libraries made', () => {
  // d3 makes its symbols of the area that is asked for.
  test.each(symbolsFill.map((kind, i) => [i, kind] as [number, SymbolType]))(
    'd3: filled symbol %i has the area it was made with',
    (_, kind) => {
      const d = symbol(kind, 1500)()!
      const found = art(page(`<g transform="translate(50,50)"><path d="${d}"/></g>`))
      expect(off(filledArea(found), 1500)).toBeLessThan(0.004)
    },
  )
  test.each([
    [10, 30, Math.PI * 2],
    [0, 40, Math.PI / 3],
  ])('d3: a ring or a sector from %d to %d', (inner, outer, angle) => {
    const d = arc()({ innerRadius: inner, outerRadius: outer, startAngle: 0, endAngle: angle })!
    const wanted = (angle / 2) * (outer ** 2 - inner ** 2)
    expect(off(filledArea(art(page(`<path transform="translate(50 50)" d="${d}"/>`))), wanted)).toBeLessThan(
      0.004,
    )
  })
  const byPixels = (text: string, side: number): number => paintedShare(text) * side * side
  test('d3: hills as contours, each over the one below, as that library paints them', () => {
    const values = range(900).map((i) => Math.sin((i % 30) / 4) + Math.cos(Math.floor(i / 30) / 5))
    const rings = contours().size([30, 30]).thresholds([0, 0.8])(values)
    const paths = rings
      .map((each, i) => `<path fill="${['#333333', '#777777'][i]}" d="${geoPath()(each)}"/>`)
      .join('')
    const text = page(paths, 'width="30mm" height="30mm" viewBox="0 0 30 30"')
    const dark = page(`<path d="${geoPath()(rings[0])}"/>`, 'width="30mm" height="30mm" viewBox="0 0 30 30"')
    const [all] = art(text).drawing.groups
    expect(all.name).toBe('#333333 filled')
    expect(off(filledArea(art(dark)), byPixels(dark, 30))).toBeLessThan(0.01)
  })
  test.each(['moor', 'peat', 'heather', 'gorse'])('jdenticon: %s as it is painted', (name) => {
    const text = toSvg(name, 100).replace('width="100" height="100"', 'width="100mm" height="100mm"')
    expect(off(filledArea(art(text)), byPixels(text, 100))).toBeLessThan(0.01)
  })
  test.each([
    ['datamatrix', 'MOOR 7'],
    ['hanxin', 'TRAY-0042'],
    ['qrcode', 'Specimen tray'],
    ['azteccode', 'bog'],
  ])('bwip-js: %s as it is painted', (bcid, text) => {
    const made = bwipjs.toSVG({ bcid, text, scale: 2 })
    const [, , , width, height] = /viewBox="(\S+) (\S+) (\S+) (\S+)"/.exec(made)!.map(Number)
    const sized = made.replace('<svg ', `<svg width="${width}mm" height="${height}mm" `)
    expect(off(filledArea(art(sized)), paintedShare(sized) * width * height)).toBeLessThan(0.02)
  })
  test.each(['https://moor.example/7', 'x'])('qrcode-generator: %s has its dark modules', (text) => {
    const code = qrcode(0, 'M')
    code.addData(text)
    code.make()
    const count = code.getModuleCount()
    const cells = range(count).flatMap((row) => range(count).filter((column) => code.isDark(row, column)))
    const svg = code
      .createSvgTag(4, 0)
      .replace(/width="(\d+)px" height="(\d+)px"/, 'width="$1mm" height="$2mm"')
    expect(off(filledArea(art(svg)), cells.length * 16)).toBeLessThan(0.001)
  })
})

describe('read as it looks', () => {
  test('a pixel of CSS is 1/96 in, with a view box as without', () => {
    const square = '<rect width="240" height="240"/>'
    expect(art(page(square, 'width="192px" height="192px" viewBox="0 0 240 240"')).drawing.width).toBeCloseTo(
      50.8,
      3,
    )
    expect(art(page(square, 'width="10cm" height="10cm" viewBox="0 0 240 240"')).drawing.width).toBeCloseTo(
      100,
      3,
    )
    const { sizes } = art(page(square, 'width="192" height="192" viewBox="0 0 240 240"'))
    expect(sizes.map(({ width }) => Math.round(width * 10) / 10)).toEqual([50.8, 67.7, 192])
    // The view box is shown whole: the smaller scale counts.
    expect(art(page(square, 'width="100mm" height="50mm" viewBox="0 0 240 240"')).drawing.width).toBeCloseTo(
      50,
      3,
    )
  })
  const clip = '<defs><clipPath id="c"><circle cx="50" cy="50" r="20"/></clipPath></defs>'
  test('what a clip hides is not there, and does not count in the size', () => {
    const found = art(page(`${clip}<g clip-path="url(#c)"><rect width="100" height="100"/></g>`))
    expect(found.drawing.width).toBeCloseTo(40, 1)
    expect(off(filledArea(found), Math.PI * 400)).toBeLessThan(0.004)
    const lines = art(page(`${clip}<path clip-path="url(#c)" fill="none" stroke="red" d="M0 50H100"/>`))
    expect(lines.drawing.width).toBeCloseTo(40, 1)
    expect(lines.drawing.groups[0]).toMatchObject({ name: '#ff0000 lines', use: 'score' })
  })
  test('styles by class, by id and by element hold, and what they hide is not there', () => {
    const style = '<style>.none{display:none} #out{fill:none;stroke:#00f} rect{fill:#0a0}</style>'
    const found = art(
      page(
        `${style}<rect width="10" height="10"/><rect id="out" x="20" width="10" height="10"/><circle class="none" r="40"/>`,
      ),
    )
    expect(found.drawing.groups.map(({ name, use }) => [name, use])).toEqual([
      ['#00aa00 filled', 'engrave'],
      ['#0000ff lines', 'score'],
    ])
    expect(filledArea(found)).toBeCloseTo(100, 3)
  })
  test('stroke and fill are two things, each with its own use', () => {
    const { drawing } = art(page('<rect width="10" height="10" fill="#eee" stroke="#f00"/>'))
    expect(drawing.groups.map(({ name, use }) => [name, use])).toEqual([
      ['#eeeeee filled', 'engrave'],
      ['#ff0000 lines', 'score'],
    ])
  })
  test('copies by reference are copies; areas of one colour that overlap are one', () => {
    const copies =
      '<defs><rect id="r" width="10" height="10"/></defs><use href="#r"/><use xlink:href="#r" x="5"/>'
    expect(filledArea(art(page(copies)))).toBeCloseTo(150, 3)
  })
  test('white covers what lies below it, and is nothing itself', () => {
    const found = art(page('<rect width="40" height="40"/><circle cx="20" cy="20" r="10" fill="white"/>'))
    expect(off(filledArea(found), 1600 - Math.PI * 100)).toBeLessThan(0.004)
    expect(found.drawing.groups).toHaveLength(1)
  })
  test('what cannot be read as it looks is refused, with what to do', () => {
    const refused = (inside: string): string => {
      const read = readArtwork('a.svg', page(inside), flatten)
      return read.ok ? '' : read.error
    }
    const mask = '<defs><mask id="m"><rect width="9" height="9" fill="white"/></mask></defs>'
    expect(refused(`${mask}<rect mask="url(#m)" width="20" height="20"/>`)).toContain('masks or filters')
    const pattern =
      '<defs><pattern id="p" width="2" height="2" patternUnits="userSpaceOnUse">' +
      '<rect width="1" height="1"/></pattern></defs>'
    expect(refused(`${pattern}<rect fill="url(#p)" width="20" height="20"/>`)).toContain(
      'filled with a pattern',
    )
    expect(refused('<text x="1" y="9">Moor</text>')).toContain('Turn it into paths')
  })
})

/** CPU that a file takes until it is read or refused, s. */
function cpuOf(name: string, text: string): number {
  const before = process.cpuUsage()
  const read = readArtwork(name, text, flatten)
  const { user, system } = process.cpuUsage(before)
  if (!read.ok) expect(read.error).toMatch(/^[A-Z][^\n]*\.$/)
  return (user + system) / 1e6
}

test('hostile files are refused before they cost much: as a share of a plain one of that length', () => {
  const circles = (count: number): string =>
    `0\nSECTION\n2\nENTITIES\n${range(count)
      .map((i) => `0\nCIRCLE\n8\n0\n10\n${i}\n20\n0\n40\n0.4\n`)
      .join('')}0\nENDSEC\n0\nEOF\n`
  const plain = cpuOf('a.svg', page(`<path fill="none" stroke="red" d="M0 0${'l1 1 l1 -1'.repeat(9_000)}"/>`))
  const nested = range(1, 20)
    .map((i) => `<g id="g${i}">${`<use xlink:href="#g${i - 1}"/>`.repeat(10)}</g>`)
    .join('')
  const hostile: Record<string, [string, string]> = {
    'thirty thousand circles of a DXF': ['a.dxf', circles(30_000)],
    'a path of nearly a million ways': ['a.svg', page(`<path d="M0 0${'h1v1'.repeat(240_000)}"/>`)],
    'copies of copies of copies': [
      'a.svg',
      page(`<defs><rect id="g0" width="1" height="1"/>${nested}</defs><use href="#g19"/>`),
    ],
    'a comb of teeth that all stand on one line': [
      'a.svg',
      page(`<path d="M0 0${'l.1 1 l.1 -1'.repeat(14_000)}"/>`),
    ],
    'a width with fifty thousand spaces': [
      'a.svg',
      page('<rect width="5" height="5"/>', `width="1${' '.repeat(50_000)}"`),
    ],
    'styles for every element': [
      'a.svg',
      page(
        '<g class="a1"><rect width="5" height="5"/></g>'.repeat(3000),
        undefined,
        `<style>${range(3000)
          .map((i) => `.a${i} .b${i} g rect:first-child{fill:red}`)
          .join('')}</style>`,
      ),
    ],
    'groups in groups': [
      'a.svg',
      page('<g>'.repeat(50_000) + '<rect width="5" height="5"/>' + '</g>'.repeat(50_000)),
    ],
    'a spiral of pieces, end to end': [
      'a.dxf',
      `0\nSECTION\n2\nENTITIES\n${range(20_000)
        .map((i) => `0\nLINE\n8\n0\n10\n${i}\n20\n${i % 7}\n11\n${i + 1}\n21\n${(i + 1) % 7}\n`)
        .join('')}0\nENDSEC\n0\nEOF\n`,
    ],
  }
  for (const [what, [name, text]] of Object.entries(hostile))
    expect([what, cpuOf(name, text) / Math.max(plain, 0.05) < 40]).toEqual([what, true])
})
