import { describe, expect, test } from '@jest/globals'
import DxfParser from 'dxf-parser'
import fc from 'fast-check'
import svgPathParser from 'svg-path-parser'
import { parse as parseSvg, type INode } from 'svgson'
import { demo, demoText } from '../../scripts/testing/demo'
import { differing, jtsOf, shrunk } from '../../scripts/testing/jts'
import { deriveAll, deriveBox, warningsOf } from '../derive'
import { transformPoint, type Region } from '../geometry'
import { IN_METRIC } from '../length'
import { checksOf } from '../say'
import { emptyJob, type Job } from '../job'
import type { Placement } from '../nest'
import { exportJob, type OutputFile } from './index'
import { fileStem, JOB_FILE_LIMIT, readJob, repairJob, writeJob } from '../keep'
import { seedOf } from '../../scripts/testing/runs'

function exported(job: Job): OutputFile[] {
  const result = exportJob(job, ['svg', 'dxf', 'json'])
  if (!result.ok) throw new Error(result.error)
  return result.files
}
const fresh = (job: Job): Job => ({ ...job, layout: { ...job.layout, arrangement: null } })
interface Line {
  layer: string
  closed: boolean
  points: { x: number; y: number }[]
}

/** Read by svgson and svg-path-parser; y turned up again. */
async function linesOfSvg(text: string): Promise<{ root: INode; lines: Line[] }> {
  const root = await parseSvg(text)
  const height = Number(root.attributes.viewBox.split(' ')[3])
  const lines = root.children
    .filter(({ name }) => name === 'g')
    .flatMap((group) =>
      group.children
        .filter(({ name }) => name === 'path')
        .map((path): Line => {
          const commands = svgPathParser.makeAbsolute(svgPathParser.parseSVG(path.attributes.d))
          return {
            layer: group.attributes.id,
            closed: commands.at(-1)?.code === 'Z',
            points: commands.flatMap((command) =>
              command.code === 'Z' || !('x' in command) ? [] : [{ x: command.x, y: height - command.y }],
            ),
          }
        }),
    )
  return { root, lines }
}
/** Read by dxf-parser. */
function linesOfDxf(text: string): { units: unknown; lines: Line[] } {
  const dxf = new DxfParser().parseSync(text)!
  const lines = dxf.entities.map((entity) => {
    const { layer, shape, vertices, type } = entity as unknown as {
      layer: string
      shape: boolean
      vertices: { x: number; y: number }[]
      type: string
    }
    expect(type).toBe('LWPOLYLINE')
    return { layer, closed: shape === true, points: vertices.map(({ x, y }) => ({ x, y })) }
  })
  return { units: dxf.header.$INSUNITS, lines }
}
/**
 * A panel's outline on the sheet, worked out here anew: turned, never mirrored, half a kerf inside the place
 * of its path.
 */
function laid(outline: Line['points'], { turn, x, y }: Placement, inside: number): Line['points'] {
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  const turned = outline.map((at) => ({ x: at.x * cos - at.y * sin, y: at.x * sin + at.y * cos }))
  const left = Math.min(...turned.map((at) => at.x))
  const low = Math.min(...turned.map((at) => at.y))
  return turned.map((at) => ({ x: at.x - left + x + inside, y: at.y - low + y + inside }))
}
const sameRing = (a: Line['points'], b: Line['points']): boolean =>
  a.length === b.length &&
  a.every(({ x, y }, i) => Math.abs(x - b[i].x) < 0.001 && Math.abs(y - b[i].y) < 0.001)

/** A box whose panels differ from their mirror images. */
const tray = demo('plain-tray')
const lopsided: Job = {
  ...tray,
  box: {
    ...tray.box,
    tabs: { ...tray.box.tabs, floor: { rule: 'pattern', widths: [12, 8, 30], of: 'leading' } },
  },
}
const logger = demo('logger-case')
const closed: Job = {
  ...logger,
  box: { ...logger.box, fittings: [{ type: 'top-fingers' }] },
  cut: { ...logger.cut, face: 'outside' },
}
const JOBS: [string, Job][] = [
  ['the specimen tray', tray],
  ['a closed logger case', closed],
  ['the slip-cases', demo('slip-cases')],
  ['a lopsided tray', lopsided],
]

describe.each(JOBS)('the files of %s, read back by other libraries', (_, given) => {
  const { job, parts, derived } = deriveAll(fresh(given))
  const files = exported(job)
  const { box } = derived
  const pages = derived.plan!.loads.filter(({ paths }) => paths.length > 0)
  const page = (sheet: number, ending: string): string =>
    files.find((file) => file.name.endsWith(`sheet-${sheet + 1}.${ending}`))!.content

  test('SVG: millimetres, layers in cutting order, closed cuts, every line within 0.001 mm', async () => {
    for (const { sheet, paths, width, height } of pages) {
      const { root, lines } = await linesOfSvg(page(sheet, 'svg'))
      expect([root.attributes.width, root.attributes.height]).toEqual([`${width}mm`, `${height}mm`])
      expect(root.attributes.viewBox).toBe(`0 0 ${width} ${height}`)
      expect(root.children.find((child) => child.name === 'desc')!.children[0].value).toContain(
        'Compensation is in the paths',
      )
      expect(lines).toHaveLength(paths.length)
      expect([...new Set(lines.map(({ layer }) => layer))]).toEqual(['score-labels', 'outline-cuts'])
      for (const [i, line] of lines.entries()) {
        expect(sameRing(line.points, paths[i].points)).toBe(true)
        expect(line.closed).toBe(paths[i].operation !== 'score')
      }
    }
  })
  test('DXF: millimetres, a layer per operation, closed polylines, every line within 0.001 mm', () => {
    for (const { sheet, paths } of pages) {
      const text = page(sheet, 'dxf')
      const { units, lines } = linesOfDxf(text)
      expect(units).toBe(4) // AutoCAD DXF reference, $INSUNITS: 4 is millimetres (from memory)
      expect(new Set(lines.map(({ layer }) => layer))).toEqual(new Set(['SCORE-LABELS', 'OUTLINE-CUTS']))
      expect(lines).toHaveLength(paths.length)
      for (const [i, line] of lines.entries()) {
        expect(sameRing(line.points, paths[i].points)).toBe(true)
        expect(line.closed).toBe(paths[i].operation !== 'score')
      }
      expect(text).toContain('999\nCompensation is in the paths')
      expect(text).not.toMatch(/\n0\n(MTEXT|TEXT)\n/)
    }
  })
  test('cut with the kerf, a panel comes out at its drawn size, not as its mirror image', async () => {
    for (const { sheet } of pages) {
      const { lines } = await linesOfSvg(page(sheet, 'svg'))
      const outlines = lines.filter(({ layer }) => layer === 'outline-cuts')
      const placements = job.layout.arrangement!.placements.filter((placement) => placement.sheet === sheet)
      expect(outlines).toHaveLength(placements.length)
      for (const placement of placements) {
        const { panel } = parts.find(({ id }) => id === placement.part)!
        const { outline } = box.panels!.find(({ id }) => id === panel)!.drawn
        const drawn: Region = { outline: laid(outline, placement, box.kerf.width / 2), holes: [] }
        // jsts takes half the kerf off all round, as the beam does; what is left is compared with the drawn
        // shape.
        const leftovers = outlines.map(({ points }) =>
          differing(
            shrunk(jtsOf({ outline: points, holes: [] }), box.kerf.width / 2),
            jtsOf(drawn),
          ).getArea(),
        )
        expect(Math.min(...leftovers)).toBeLessThan(0.05)
      }
    }
  })
})

test('a lid that slides: grooves are engraved and its hole is cut before any outline', async () => {
  const { lines } = await linesOfSvg(exported(fresh(logger))[0].content)
  const layers = [...new Set(lines.map(({ layer }) => layer))]
  expect(layers).toEqual(['engrave-pockets', 'score-labels', 'inside-cuts', 'outline-cuts'])
})

test('left to the laser’s software, the drawn shapes are written and the file says what to set', async () => {
  const tray = demo('plain-tray')
  const job = fresh({ ...tray, cut: { ...tray.cut, compensation: 'software' } })
  const { root, lines } = await linesOfSvg(exported(job)[0].content)
  expect(root.children.find(({ name }) => name === 'desc')!.children[0].value).toContain(
    'left to the laser&#39;s software: set 0.080 mm per side (kerf 0.160 mm full width)',
  )
  const widths = lines.map(({ points }) => {
    const across = points.map(({ x }) => x)
    return Math.max(...across) - Math.min(...across)
  })
  expect(Math.max(...widths)).toBeCloseTo(deriveBox(job).sizes.outer.x + 2 * job.box.proud, 3)
})

/** What belongs to a job of which nothing was written and nothing photographed. */
const NONE = { records: [], photos: [] }

describe('a sheet larger than the bed', () => {
  const tray = demo('plain-tray')
  const { machine, stock } = tray.measure
  const large = (origin: 'front left' | 'back right'): Job =>
    fresh({
      ...tray,
      copies: 6,
      measure: {
        ...tray.measure,
        machine: { ...machine!, bedWidth: 600, bedHeight: 450, origin },
        stock: { ...stock!, sheetWidth: 1300, sheetHeight: 900 },
      },
    })
  test('is written load by load: none is larger than the bed, each says where its sheet goes', async () => {
    const files = exported(large('front left')).filter(({ name }) => name.endsWith('.svg'))
    expect(files.map(({ name }) => name)).toContainEqual(
      expect.stringMatching(/^specimen-tray-moss-survey-[2-9A-Z]{5}-sheet-1-load-1\.svg$/),
    )
    for (const { content } of files) {
      const { root, lines } = await linesOfSvg(content)
      const [, , width, height] = root.attributes.viewBox.split(' ').map(Number)
      expect(width).toBeLessThanOrEqual(600)
      expect(height).toBeLessThanOrEqual(450)
      for (const { x, y } of lines.flatMap(({ points }) => points)) {
        expect(x >= 0 && x <= width && y >= 0 && y <= height).toBe(true)
      }
      expect(content).toContain('front left corner of the bed')
    }
  })
  test.each(['front left', 'back right'] as const)(
    'SVG and DXF of a machine with its origin at the %s say the same',
    async (origin) => {
      const files = exported(large(origin))
      const [svg, dxf] = ['.svg', '.dxf'].map((end) => files.find(({ name }) => name.endsWith(end))!)
      const [lines, others] = [(await linesOfSvg(svg.content)).lines, linesOfDxf(dxf.content).lines]
      expect(lines).toHaveLength(others.length)
      for (const { points } of lines) {
        expect(others.some((other) => sameRing(other.points, points))).toBe(true)
      }
    },
  )
})

test('signs that XML forbids do not spoil the drawing', async () => {
  const tray = demo('plain-tray')
  const files = exported(fresh({ ...tray, name: 'Tray \u0007<b>&\ud800 "one"' }))
  const { root } = await linesOfSvg(files[0].content)
  // eslint-disable-next-line no-control-regex -- they are what is looked for
  expect(files[0].content).not.toMatch(/[\u0000-\u0008\ud800-\udfff]/)
  expect(root.children.find(({ name }) => name === 'title')!.children[0].value).toContain('Tray')
})

test('the panels as JSON fill the outer size when they are put where their placement says', () => {
  const json = JSON.parse(exported(demo('logger-case')).at(-1)!.content) as {
    outer: number[]
    panels: { outline: [number, number][]; thickness: number; placement: number[][] }[]
  }
  const reached = json.panels.flatMap(({ outline, thickness, placement }) =>
    outline.flatMap(([x, y]) => [0, thickness].map((z) => transformPoint(placement.flat(), [x, y, z]))),
  )
  for (const axis of [0, 1, 2]) {
    expect(Math.min(...reached.map((point) => point[axis]))).toBeCloseTo(0, 4)
    expect(Math.max(...reached.map((point) => point[axis]))).toBeCloseTo(json.outer[axis], 4)
  }
})

describe('job files', () => {
  const text = demoText('plain-tray')
  const refused = (content: string): string => {
    const read = readJob(content)
    if (read.ok) throw new Error('it was read')
    return read.error
  }
  test('what is written is read back the same', () => {
    for (const job of [demo('plain-tray'), demo('logger-case'), demo('slip-cases')])
      expect(readJob(writeJob(job))).toEqual({ ok: true, job, attachments: NONE })
    const empty = emptyJob('x', 'Empty', '')
    expect(readJob(writeJob(empty))).toEqual({ ok: true, job: empty, attachments: NONE })
  })
  test('broken, foreign, newer and huge ones are refused whole, each with its own sentence', () => {
    expect(refused(text.slice(0, 500))).toContain('not readable JSON')
    expect(refused('{"hello": 1}')).toContain('not an Uplands job')
    expect(refused(text.replace('"version": 4', '"version": 99'))).toContain('newer Uplands (version 99')
    expect(refused(' '.repeat(JOB_FILE_LIMIT + 1))).toContain('larger than 80 MB')
    expect(refused(text.replace('"width": 240', '"width": "wide"'))).toContain('width of box')
    expect(refused(text.replace('"copies": 1', '"copies": 1, "extra": 1'))).toContain('extra')
    expect(refused(text.replace('"#7a5c1e"', '"url(javascript:1)"'))).toContain('colours')
  })
  test('one out of its limits can be mended by clamping, and says what that changed', () => {
    const raw = JSON.parse(text) as { copies: number; box: { width: number }; surplus?: string }
    raw.copies = 4000
    raw.box.width = 99_999
    raw.surplus = 'x'
    expect(refused(JSON.stringify(raw))).toContain('width of box is at most 5000')
    const { value, mended } = repairJob(raw)!
    expect(value.copies).toBe(100)
    expect(mended).toEqual(expect.arrayContaining(['copies: 4000 → 100']))
    expect(readJob(writeJob(value))).toEqual({ ok: true, job: value, attachments: NONE })
    expect(repairJob({ ...raw, name: 7 })).toBeNull() // no limit explains that
  })
  test('no mutilated job is half read', () => {
    fc.assert(
      fc.property(fc.nat(text.length - 1), fc.constantFrom('', '"', '}', '0', 'null', ','), (at, put) => {
        const read = readJob(text.slice(0, at) + put + text.slice(at + 1))
        if (read.ok) expect(readJob(writeJob(read.job))).toEqual({ ...read, attachments: NONE })
        else expect(read.error).toMatch(/\.$/)
      }),
      { numRuns: 300, seed: seedOf(5) },
    )
  })
})

describe('what is on the faces', () => {
  const book = demo('field-book')
  const linesFrom = async (job: Job) => (await linesOfSvg(exported(fresh(job))[0].content)).lines
  test('is engraved and scored before anything is cut, and the words are those of the job', async () => {
    const lines = await linesFrom(book)
    expect([...new Set(lines.map(({ layer }) => layer))]).toEqual([
      'engraving',
      'score-labels',
      'inside-cuts',
      'outline-cuts',
    ])
    const [front] = demo('instrument-case').box.engravings
    const named = (text: string): number =>
      deriveAll(
        fresh({
          ...book,
          name: text,
          box: { ...book.box, engravings: [{ ...front, motif: { ...front.motif, text: '{job}' } as never }] },
        }),
      ).derived.plan!.loads[0].paths.filter(({ operation }) => operation === 'engrave').length
    expect(named('Long name of a book')).toBeGreaterThan(2 * named('A'))
  })
  test('fills its area: length of the rows times their distance, wherever the part lies', () => {
    const { derived, job } = deriveAll(fresh(book))
    const rows = derived.plan!.loads[0].paths.filter(({ operation }) => operation === 'engrave')
    const length = rows.reduce((sum, { points: [a, b] }) => sum + Math.abs(a.x - b.x), 0)
    const areas = derived.box.panels!.flatMap(({ faces }) => faces?.outside.engraved ?? [])
    const wanted = areas.reduce((sum, region) => sum + jtsOf(region).getArea(), 0)
    expect(wanted).toBeGreaterThan(300)
    expect(Math.abs(length * job.tune.interval - wanted)).toBeLessThan(0.01 * wanted)
    expect(rows.every(({ points: [a, b] }) => a.y === b.y)).toBe(true)
  })
  test('is left out, and that is said, while the other face lies up and the sheet is not turned', () => {
    const turned = { ...book, cut: { ...book.cut, face: 'inside' as const, turn: 'leave out' as const } }
    const { derived, parts, job } = deriveAll(fresh(turned))
    expect(derived.plan!.loads[0].paths.some(({ operation }) => operation === 'engrave')).toBe(false)
    expect(checksOf(job, derived, parts, IN_METRIC).find(({ id }) => id === 'engraving')?.state).toBe('look')
  })
  test('lies over an edge or into an opening: the place is lit', () => {
    const [first] = demo('instrument-case').box.engravings
    const over = {
      ...book,
      box: { ...book.box, engravings: [{ ...first, panel: 'top' as const, right: 90 }] },
    }
    expect(warningsOf(deriveAll(over).derived.box, null, 5, [])).toContainEqual(
      expect.objectContaining({ kind: 'opening', panels: ['top'], reaches: 'over its panel' }),
    )
    expect(warningsOf(deriveAll(book).derived.box, null, 5, [])).toEqual([])
  })
})

test('a job that cannot be made is not exported', () => {
  const small = { ...demo('plain-tray'), box: { ...demo('plain-tray').box, depth: 4 } }
  expect(exportJob(small, ['svg'])).toMatchObject({
    ok: false,
    error: expect.stringContaining('no room inside'),
  })
})
test('names become file names', () =>
  expect([
    fileStem('Logger case, rain gauge 4'),
    fileStem('../../etc'),
    fileStem('…'),
    fileStem('Kästchen'),
  ]).toEqual(['logger-case-rain-gauge-4', 'etc', 'job', 'ka-stchen']))
