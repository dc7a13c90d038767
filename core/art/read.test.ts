import { describe, expect, test } from '@jest/globals'
import { Colors, DxfWriter, point3d, Units } from '@tarikjabiri/dxf'
import { contours, line as d3line, curveBasisClosed, curveCatmullRom } from 'd3'
import qrcode from 'qrcode-generator'
import { writeDxf } from '../files/dxf'
import { writeSvg } from '../files/svg'
import { randomFrom } from '../statistics'
import { bounds, signedArea, type Point } from '../geometry'
import { readArtwork, type Artwork } from './index'
import { flatten } from '../../scripts/testing/flatten'
import { runs, seedOf } from '../../scripts/testing/runs'

function art(name: string, text: string): Artwork {
  const read = readArtwork(name, text, flatten)
  if (!read.ok) throw new Error(read.error)
  return read.art
}
const refusal = (name: string, text: string): string => {
  const read = readArtwork(name, text, flatten)
  return read.ok ? '' : read.error
}
const svg = (inside: string, about = 'width="100mm" height="80mm" viewBox="0 0 100 80"'): string =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ${about}>${inside}</svg>`
const pointsOf = ({ at }: { at: number[] }): Point[] =>
  at.flatMap((x, i) => (i % 2 === 0 ? [{ x, y: at[i + 1] }] : []))
const linesOf = ({ drawing }: Artwork) =>
  drawing.groups.flatMap(({ lines }) => lines.map((each) => ({ ...each, points: pointsOf(each) })))
const areaOf = (name: string, text: string): number =>
  linesOf(art(name, text)).reduce((sum, { points }) => sum + Math.abs(signedArea(points)), 0)

describe('SVG', () => {
  // Areas by formula, whatever a shape is written as.
  test.each([
    ['<rect x="5" y="6" width="30" height="20"/>', 600],
    ['<rect x="5" y="6" width="30" height="20" rx="4"/>', 600 - (4 - Math.PI) * 16],
    ['<circle cx="50" cy="40" r="20"/>', Math.PI * 400],
    ['<ellipse cx="50" cy="40" rx="20" ry="10"/>', Math.PI * 200],
    ['<polygon points="0,0 10,0 10,10"/>', 50],
    ['<path d="M10 10h20v10H10z"/>', 200],
    ['<g transform="translate(10 5) scale(2)"><rect width="10" height="5"/></g>', 200],
    ['<g transform="rotate(30)"><rect transform="skewX(20)" width="10" height="5"/></g>', 50],
    ['<path d="M0 0 A 10 10 0 0 1 20 0 Z"/>', (Math.PI * 100) / 2],
    ['<rect style="fill:none;stroke:red" width="10" height="10"/>', 100],
  ])('%s has its area', (inside, wanted) => {
    const found = areaOf('a.svg', svg(inside))
    expect(Math.abs(found - wanted)).toBeLessThan(0.003 * wanted)
  })
  test('y is turned over, and places are from the lower left corner', () => {
    const [{ points }] = linesOf(art('a.svg', svg('<polygon points="20,10 60,10 20,50"/>')))
    expect(points).toEqual(
      expect.arrayContaining([
        { x: 0, y: 40 },
        { x: 40, y: 40 },
        { x: 0, y: 0 },
      ]),
    )
  })
  test('a unit that is said holds; one that is not is asked for, with three sizes', () => {
    const square = '<rect width="96" height="96"/>'
    expect(art('a.svg', svg(square, 'width="4in" viewBox="0 0 384 384"')).drawing.width).toBeCloseTo(25.4, 3)
    const { sizes } = art('a.svg', svg(square, 'viewBox="0 0 384 384"'))
    expect(sizes.map(({ width }) => Math.round(width * 100) / 100)).toEqual([25.4, 33.87, 96])
  })
  test('groups by colour; what is filled, what is open, what lies there twice', () => {
    const { drawing, notes } = art(
      'a.svg',
      svg(
        '<circle r="20"/><g stroke="red" fill="none"><circle r="9"/><circle r="9"/></g>' +
          '<path stroke="blue" fill="none" d="M0 0L9 9"/>' +
          '<path stroke="blue" fill="none" d="M9 9L20 9"/>',
      ),
    )
    expect(drawing.groups.map(({ name, use, lines }) => [name, use, lines.length])).toEqual([
      ['#000000 filled', 'engrave', 1],
      ['#ff0000 lines', 'score', 1],
      ['#0000ff lines', 'score', 1],
    ])
    expect(notes.join(' ')).toMatch(/1 lines lay on others.*1 lines are open/)
  })
  test.each([
    ['a.svg', svg('<text>Moor</text>'), 'Turn it into paths'],
    ['a.svg', '<svg><path d="M0 0', 'This SVG file cannot be read'],
    ['a.svg', svg('<path d="M0 0 L banana"/>'), 'There are no lines'],
    ['a.svg', svg(''), 'There are no lines'],
    ['a.svg', 'hello', 'no drawing in this SVG'],
    ['a.svg', svg(`<path d="M0 0${' l.1 1 l.1 -1'.repeat(30_000)}"/>`), 'too intricate'],
    ['a.svg', ' '.repeat(2_000_001), 'larger than 2 MB'],
    ['a.ai', 'x', 'Only SVG and DXF'],
    ['a.dxf', 'nonsense', 'cannot be read'],
  ])('%s is refused in one sentence: %#', (name, text, sentence) => {
    expect(refusal(name, text)).toContain(sentence)
    expect(refusal(name, text)).toMatch(/^[A-Z][^\n]*\.$/)
  })
  test('nothing that a file declares is fetched, run or put in', () => {
    const bomb =
      '<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY a "M0 0h9v9z"><!ENTITY b "&a;&a;&a;&a;">' +
      '<!ENTITY f SYSTEM "file:///etc/passwd">]>' +
      svg('<script>globalThis.ran = true</script><path d="&b;"/><path d="M0 0h9v9z" onload="ran()"/>').slice(
        21,
      )
    const read = readArtwork('a.svg', bomb, flatten)
    if (read.ok) expect(linesOf(read.art).length).toBeLessThan(3)
    expect((globalThis as { ran?: boolean }).ran).toBeUndefined()
  })
})

describe('files of our own come back', () => {
  const at = (...places: [number, number][]): Point[] => places.map(([x, y]) => ({ x, y }))
  const paths = [
    { operation: 'outline' as const, part: 'a', closed: true, points: at([5, 5], [65, 5], [35, 45]) },
    { operation: 'score' as const, part: 'a', closed: false, points: at([20, 10], [40, 12], [45, 20]) },
  ]
  const file = { title: 't', statement: 's', width: 100, height: 80, paths }
  test.each([
    ['a.svg', writeSvg(file)],
    ['a.dxf', writeDxf(file)],
  ])('%s: every point within 0.002 mm, every line open or closed as it was', (name, text) => {
    const { drawing, sizes } = art(name, text)
    expect(sizes).toEqual([])
    const lines = linesOf({ drawing, sizes, notes: [] })
    expect(lines.map(({ closed }) => closed).sort()).toEqual([false, true])
    for (const path of paths) {
      const own = lines.find(({ closed }) => closed === path.closed)!
      for (const { x, y } of path.points)
        expect(Math.min(...own.points.map((p) => Math.hypot(p.x - (x - 5), p.y - (y - 5))))).toBeLessThan(
          0.002,
        )
    }
  })
})

/** Files such as libraries make them: plotted curves, contours of a hill, codes, drawings of parts. */
function gallery(): [string, string][] {
  const random = randomFrom(7)
  const files: [string, string][] = []
  for (let i = 0; i < 8; i++) {
    const places = Array.from({ length: 5 + i * 4 }, (): [number, number] => [random() * 100, random() * 80])
    const path = d3line().curve(i % 2 === 0 ? curveBasisClosed : curveCatmullRom)(places)!
    files.push([`curve-${i}.svg`, svg(`<path fill="none" stroke="#${i}${i}4455" d="${path}"/>`)])
  }
  for (let i = 0; i < 8; i++) {
    const [w, h] = [30, 24]
    const hill = Array.from({ length: w * h }, (_, k) =>
      Math.hypot((k % w) - 15 - i, Math.floor(k / w) - 12) + 2 * Math.sin(k / 7),
    )
    const rings = contours().size([w, h]).thresholds([4, 7, 10])(hill)
    const ways = rings.flatMap(({ coordinates }) =>
      coordinates.flat().map((ring) => `<path d="M${ring.map((p) => p.join(' ')).join('L')}Z"/>`),
    )
    const hills = `<g fill="none" stroke="green">${ways.join('')}</g>`
    files.push([`hill-${i}.svg`, svg(hills, 'viewBox="0 0 30 24"')])
  }
  for (let i = 0; i < 6; i++) {
    const code = qrcode(0, 'L')
    code.addData(`Sample ${i}`)
    code.make()
    files.push([`code-${i}.svg`, code.createSvgTag({ cellSize: 2, margin: 0, scalable: true })])
  }
  for (let i = 0; i < 8; i++) {
    const dxf = new DxfWriter()
    dxf.setUnits(i % 2 === 0 ? Units.Millimeters : Units.Inches)
    dxf.addLayer('holes', Colors.Red, 'CONTINUOUS')
    dxf.addCircle(point3d(10, 10), 4 + i, { layerName: 'holes' })
    dxf.addArc(point3d(30, 10), 5, 0, 90 + 30 * i)
    dxf.addEllipse(point3d(50, 20), point3d(8, i), 0.5, 0, 2 * Math.PI)
    dxf.addLine(point3d(0, 0), point3d(60, i))
    const corners = [{ point: { x: 20, y: 30 } }, { point: { x: 20, y: 50 + i } }]
    dxf.addLWPolyline([{ point: { x: 0, y: 30 }, bulge: 0.5 }, ...corners], { flags: 1 })
    dxf.addSpline({ controlPoints: [point3d(0, 0), point3d(5, 9), point3d(12, -4), point3d(20, 3)] })
    files.push([`part-${i}.dxf`, dxf.stringify()])
  }
  return files
} // oxfmt-ignore

describe('files made by unrelated libraries', () => {
  const files = gallery()
  test('thirty of them are read', () => {
    expect(files).toHaveLength(30)
    for (const [name, text] of files) {
      const found = linesOf(art(name, text))
      expect(found.length).toBeGreaterThan(0)
      const { minX, minY } = bounds(found.flatMap(({ points }) => points))
      expect(Math.max(Math.abs(minX), Math.abs(minY))).toBeLessThan(0.3)
    }
    const [, part] = files.find(([name]) => name === 'part-0.dxf')!
    const circle = linesOf(art('part-0.dxf', part)).find(
      ({ points, closed }) => closed && Math.abs(Math.abs(signedArea(points)) - Math.PI * 16) < 0.5,
    )
    expect(circle).toBeDefined()
  })
  test('spoilt ones: read or refused in a sentence, none takes two seconds', () => {
    const random = randomFrom(seedOf(99))
    const any = (most: number): number => Math.floor(random() * most)
    const small = files.filter(([, text]) => text.length < 12_000)
    let slowest = 0
    const put = ['', '<', '>', '"', '&', '0', '-', 'e9', 'NaN', '\u0000', '\n0\n', '</g>', 'M', 'Z', '1e400']
    for (let i = 0; i < runs(10_000); i++) {
      const [name, text] = small[any(small.length)]
      const at = any(text.length)
      const gone = random() < 0.3 ? any(200) : 1
      const spoilt = text.slice(0, at) + put[any(put.length)] + text.slice(at + gone)
      // Its own CPU: what else the machine is busy with is none of its doing.
      const begun = process.cpuUsage()
      const read = readArtwork(name, spoilt, flatten)
      slowest = Math.max(slowest, process.cpuUsage(begun).user / 1000)
      if (!read.ok && !/^[A-Z][^\n]*\.$/.test(read.error)) throw new Error(`${read.error} from ${spoilt}`)
      if (
        read.ok &&
        !linesOf(read.art).every(({ points }) => points.every(({ x, y }) => Number.isFinite(x + y)))
      )
        throw new Error(`no numbers from ${spoilt}`)
    }
    expect(slowest).toBeLessThan(2000)
  }, 240_000)
})
