import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { parseSync, type INode } from 'svgson'
import svgPathParser from 'svg-path-parser'
import { demo } from '../../scripts/testing/demo'
import { flatten } from '../../scripts/testing/flatten'
import { laidOut } from '../../scripts/testing/laid-out'
import { apart, differing, jtsOf, shared, united } from '../../scripts/testing/jts'
import { isBare, type Motif } from '../art'
import type { Engraving, How } from '../box'
import { buildSteps } from '../build'
import { writeFiles } from '../files'
import { readCode } from '../gcode'
import { area, bounds, rectangle, transformPoint, type Point, type Region } from '../geometry'
import type { Job } from '../job'
import { IN_METRIC } from '../length'
import { checksOf } from '../say'
import { compareFiles } from '../files'
import { deriveBox, type Derived } from './index'
import { seedOf } from '../../scripts/testing/runs'

const plain = demo('specimen-tray')
const at = {
  from: '',
  anchor: 'centre' as const,
  point: 'centre' as const,
  over: false,
  right: 0,
  up: 0,
  turn: 0,
  mirrored: false,
}
const on = (part: Partial<Engraving>): Engraving => ({
  panel: 'floor',
  side: 'outside',
  motif: { kind: 'rectangle', width: 30, height: 12, radius: 2 },
  how: { kind: 'engrave' },
  ...at,
  ...part,
})
const made = (engravings: Engraving[], part: Partial<Job> = {}): ReturnType<typeof laidOut> =>
  laidOut({ ...plain, ...part, box: { ...plain.box, engravings, ...part.box } })
const words = (text: string): Motif => ({ kind: 'text', text, height: 9, letters: 'filled' })
const panelOf = ({ box }: Derived, id: string) => box.panels!.find((panel) => panel.id === id)!

/** The lines of one group of an SVG file by readers of their own descent, y up. */
function groupOf(svg: string, id: string, height: number): Point[][] {
  const found: INode[] = []
  const walk = (node: INode): void => {
    if (node.name === 'g' && node.attributes.id === id) found.push(node)
    node.children.forEach(walk)
  }
  walk(parseSync(svg))
  return found.flatMap(({ children }) =>
    children
      .filter(({ name }) => name === 'path')
      .map(({ attributes }) =>
        svgPathParser
          .parseSVG(attributes.d)
          .flatMap((command) =>
            'x' in command && 'y' in command ? [{ x: command.x, y: height - command.y }] : [],
          ),
      ),
  )
}

describe('a part that is cut on both faces', () => {
  test.each(['left to right', 'front to back'] as const)(
    'is whole again when its two files are turned back onto each other, %s',
    (turn) => {
      const { job, derived } = made(
        [on({ motif: words('PEAT'), side: 'inside' }), on({ motif: words('MOSS'), anchor: 'top', up: -14 })],
        { cut: { ...plain.cut, turn, face: 'outside' } },
      )
      const [first, then] = writeFiles(job, derived, derived.plan!, ['svg'])
      expect([first.name, then.name].map((name) => name.replace(/.*sheet/, ''))).toEqual([
        '-1-a-other-face.svg',
        '-1-b-turned.svg',
      ])
      const { width, height } = derived.plan!.loads[0]
      const back = ({ x, y }: Point): Point =>
        turn === 'left to right' ? { x: width - x, y } : { x, y: height - y }
      // What is burnt on the inside lies where the floor is, and reads backwards from outside.
      const inside = groupOf(first.content, 'engraving', height).map((line) => line.map(back))
      const outside = groupOf(then.content, 'engraving', height)
      const [[outline]] = [
        groupOf(then.content, 'outline-cuts', height).filter((ring) => holds(ring, inside[0][0])),
      ]
      const floor = bounds(outline)
      for (const line of [...inside, ...outside])
        for (const { x, y } of line)
          expect(x > floor.minX && x < floor.maxX && y > floor.minY && y < floor.maxY).toBe(true)
      const placed = bounds(inside.flat())
      expect((placed.minX + placed.maxX) / 2).toBeCloseTo((floor.minX + floor.maxX) / 2, 0)
      expect((placed.minY + placed.maxY) / 2).toBeCloseTo((floor.minY + floor.maxY) / 2, 0)
      // The holes that the sheet is laid by are where the second file shows them.
      const cut = groupOf(first.content, 'inside-cuts', height).map((ring) => bounds(ring.map(back)))
      const shown = groupOf(then.content, 'registration', height).map((ring) => bounds(ring))
      expect(cut).toHaveLength(2)
      for (const hole of cut)
        expect(shown).toContainEqual({
          minX: expect.closeTo(hole.minX, 3),
          maxX: expect.closeTo(hole.maxX, 3),
          minY: expect.closeTo(hole.minY, 3),
          maxY: expect.closeTo(hole.maxY, 3),
        })
      const parts = groupOf(then.content, 'outline-cuts', height).map((ring) =>
        jtsOf({ outline: ring.slice(0, -1), holes: [] }),
      )
      for (const { minX, minY, maxX, maxY } of cut) {
        const box = { outline: rectangle(minX, minY, maxX, maxY), holes: [] }
        for (const part of parts) expect(apart(part, jtsOf(box))).toBeGreaterThan(1)
      }
    },
  )
  test('letters read rightly from the face that they are on, whichever lies up', () => {
    const cutWith = (face: 'outside' | 'inside', side: Engraving['side']) => {
      const { derived } = made([on({ motif: words('L'), side })], {
        cut: { ...plain.cut, face, turn: 'left to right' },
      })
      const load = derived.plan!.loads.find(({ paths }) =>
        paths.some(({ operation }) => operation === 'engrave'),
      )!
      return {
        of: load.face,
        points: load.paths.filter(({ operation }) => operation === 'engrave').flatMap(({ points }) => points),
      }
    }
    // An L has its weight at the lower left, seen from its own face, in every file that it is burnt by.
    for (const face of ['outside', 'inside'] as const)
      for (const side of ['outside', 'inside'] as const) {
        const { of, points } = cutWith(face, side)
        expect(of).toBe(face === side ? 'only' : 'first')
        const { minX, maxX } = bounds(points)
        const mean = points.reduce((sum, { x }) => sum + x, 0) / points.length
        expect(mean).toBeLessThan(minX + (maxX - minX) * 0.49)
      }
  })
  test('a program shows the beam in both holes and waits, before it cuts the turned sheet', () => {
    const { job, derived } = made([on({ side: 'inside' }), on({ anchor: 'top', up: -10 })])
    const [first, then] = writeFiles(job, derived, derived.plan!, ['gcode'])
    expect(then.content.split('\n').filter((line) => line === 'M0')).toHaveLength(2)
    expect(first.content).not.toContain('\nM0')
    const { code, origin } = job.measure.machine!
    const read = readCode(then.content, code)
    if (!read.ok) throw new Error(read.error)
    const load = derived.plan!.loads[1]
    const [right, up] = [
      origin.endsWith('right') ? load.width : 0,
      origin.startsWith('back') ? load.height : 0,
    ]
    const [a, b] = read.moves.slice(0, 2).map(({ to }) => ({ x: to.x + right, y: to.y + up }))
    expect([a, b]).toEqual(load.aim.map(({ x, y }) => ({ x: expect.closeTo(x, 3), y: expect.closeTo(y, 3) })))
    expect(read.moves.slice(0, 2).every(({ power }) => power <= 0)).toBe(true)
  })
  test('read back, both files are the plan, with the holes shown or not', () => {
    const { job, derived } = made([on({ side: 'inside' }), on({ anchor: 'top', up: -10 })])
    for (const format of ['svg', 'dxf', 'gcode'] as const) {
      const files = writeFiles(job, derived, derived.plan!, [format])
      for (const [i, { name, content: text }] of files.entries()) {
        const found = compareFiles([{ name, text }], derived.plan!.loads[i], job.measure.machine!, flatten)
        expect(found).toMatchObject({ ok: true, differences: { missing: [], extra: [] } })
      }
    }
  })
  test('what is all on the face below is told of: the sheet need not be turned', () => {
    const { job, derived, parts } = made([on({ side: 'inside' })])
    const check = checksOf(job, derived, parts, IN_METRIC).find(({ id }) => id === 'turning')
    expect(check).toMatchObject({ state: 'look', title: 'The sheet need not be turned over' })
  })
})

const holds = (ring: Point[], { x, y }: Point): boolean => {
  const { minX, maxX, minY, maxY } = bounds(ring)
  return x > minX && x < maxX && y > minY && y < maxY
}

/** Where the middle of an area is along its width, 0 to 1: told by an unrelated library. */
function weight(outline: Point[]): number {
  const { minX, maxX } = bounds(outline)
  const half = { outline: rectangle(minX, -999, (minX + maxX) / 2, 999), holes: [] }
  const whole = jtsOf({ outline, holes: [] })
  return 1 - shared(whole, jtsOf(half)).getArea() / whole.getArea()
}

describe('an inlay', () => {
  const inlay = (play: number, motif: Motif): Engraving =>
    on({ motif, how: { kind: 'inlay', depth: 1, play, stock: '' } })
  test.each([-0.05, 0, 0.1, 0.3])('has its play on every side, whatever the beam takes: %s', (play) => {
    const { derived, parts, job } = made([inlay(play, { kind: 'round', diameter: 20 })], {
      copies: 1,
    })
    const piece = parts.find(({ panel }) => panel.includes('inlay'))!
    expect(piece.label).toContain('inlay 1')
    // Its way is half a kerf outside of what it comes out as.
    const { kerf } = derived.box
    const way = bounds(piece.lies[0].shape.outline)
    const own = way.maxX - way.minX - kerf.width
    const [{ area: pocket }] = panelOf(derived, 'floor').faces!.outside.pockets
    const { minX, maxX } = bounds(pocket.outline)
    expect((maxX - minX - own) / 2).toBeCloseTo(play, 2)
    // The rows that sink it stay half a kerf inside of its border.
    const rows = derived.plan!.loads.flatMap(({ paths }) =>
      paths.filter(({ operation }) => operation === 'pocket'),
    )
    const filled = bounds(rows.flatMap(({ points }) => points))
    expect(filled.maxX - filled.minX + kerf.width).toBeCloseTo(maxX - minX, 1)
    expect(job.copies).toBe(1)
  })
  test('fits its pocket with its label below: cut from behind, whichever face the panels lie on', () => {
    for (const face of ['outside', 'inside'] as const)
      for (const side of ['outside', 'inside'] as const) {
        const one = { ...inlay(0, words('L')), side }
        const { parts, derived } = made([one], { cut: { ...plain.cut, face } })
        const { shape } = parts.find(({ panel }) => panel.includes('inlay'))!.lies[0]
        const [{ area: pocket }] = panelOf(derived, 'floor').faces![side].pockets
        // Seen from its own face the pocket has its weight at the left, and so the piece at the right.
        const seen = side === 'outside' ? pocket.outline : pocket.outline.map(({ x, y }) => ({ x: -x, y }))
        expect([weight(seen), weight(shape.outline)].map((at) => at < 0.5)).toEqual([true, false])
      }
  })
  test('that stands far out of its pocket is told of, with what would mend it', () => {
    const said = (depth: number) => {
      const how: How = { kind: 'inlay', depth, play: 0.1, stock: '' }
      const { job, derived, parts } = made([on({ motif: { kind: 'round', diameter: 20 }, how })])
      return checksOf(job, derived, parts, IN_METRIC).find(({ id }) => id.startsWith('inlay'))
    }
    expect(said(1)).toMatchObject({ state: 'look', title: expect.stringContaining('stands 2.0 mm out') })
    expect(said(2.8)).toBeUndefined()
  })
  test('of letters is a piece for each of them, in as many copies as the box', () => {
    const { parts } = made([inlay(0.1, words('TOR'))], { copies: 2 })
    expect(parts.filter(({ panel }) => panel.includes('inlay')).map(({ copy }) => copy)).toEqual([
      0, 1, 0, 1, 0, 1,
    ])
  })
})

describe('magnets', () => {
  const closing = demo('field-book')
  const magnet = (part: Partial<Engraving>): Engraving =>
    on({
      panel: 'front',
      side: 'inside',
      motif: { kind: 'round', diameter: 6 },
      how: { kind: 'magnet', depth: 2, play: 0.1, with: 'back' },
      ...part,
    })
  test('have their partner straight across, on the face that looks at them', () => {
    const { derived } = made([magnet({ right: 12, up: 5, anchor: 'bottom left' })])
    const [own, partner] = ['front', 'back'].map((id) => panelOf(derived, id))
    expect(isBare(partner.faces!.outside)).toBe(true)
    const inSpace = (panel: typeof own): [number, number, number][] =>
      panel.faces!.inside.pockets[0].area.outline.map(({ x, y }) => transformPoint(panel.frame, [x, y, 0]))
    const middle = (points: [number, number, number][]): number[] =>
      [0, 2].map((axis) => {
        const all = points.map((point) => point[axis])
        return (Math.min(...all) + Math.max(...all)) / 2
      })
    expect(middle(inSpace(partner))).toEqual(middle(inSpace(own)).map((each) => expect.closeTo(each, 6)))
    expect(area(own.faces!.inside.pockets[0].area)).toBeCloseTo(Math.PI * 3.1 ** 2, 0)
  })
  test('a panel that stands across is no partner, and that stops the cut', () => {
    const how: How = { kind: 'magnet', depth: 2, play: 0.1, with: 'left' }
    const { job, derived, parts } = made([magnet({ how })])
    expect(checksOf(job, derived, parts, IN_METRIC)).toContainEqual(
      expect.objectContaining({ state: 'stop', title: 'The magnet on the front has no partner on the left' }),
    )
  })
  test('Build has the pair glued before the box is, polarity and caution told', () => {
    const { derived } = made([magnet({})])
    const steps = buildSteps(derived.box.made!, derived.box.panels!)
    if ('locked' in steps) throw new Error()
    expect(steps[0].title).toBe('1. Into the front')
    expect(steps[0].text).toMatch(/find its own way onto it.*back.*children/)
    expect(steps[1].title).toMatch(/^2\. /)
    expect(closing.box.engravings.length).toBeGreaterThan(0)
  })
})

describe('operations of the maker’s own, and pockets of several depths', () => {
  const setting = { speed: 90, power: 20, passes: 2, air: false }
  const own = [{ id: 'o', name: 'mark fold', colour: '#aa5500', how: 'follow' as const, setting }]
  test('go into a layer of their own, with their own setting, after the rest of their kind', () => {
    const { job, derived } = made(
      [on({ how: { kind: 'own', by: 'o' } }), on({ how: { kind: 'score' }, up: 20 })],
      {
        tune: { ...plain.tune, own },
      },
    )
    const [{ content: svg }, { content: code }] = writeFiles(job, derived, derived.plan!, ['svg', 'gcode'])
    expect(svg).toContain('stroke="#aa5500"')
    // A laser's software that goes by layers runs it before anything is cut loose.
    expect(svg.indexOf('id="mark-fold"')).toBeGreaterThan(svg.indexOf('id="score-labels"'))
    expect(svg.indexOf('id="mark-fold"')).toBeLessThan(svg.indexOf('id="outline-cuts"'))
    expect(code).toMatch(/; mark fold\n(?:.*\n){0,3}G1 .* F5400 S200/)
    expect(code.indexOf('; mark fold')).toBeGreaterThan(code.indexOf('; score labels'))
    expect(code.indexOf('; mark fold')).toBeLessThan(code.indexOf('; outline cuts'))
    const [{ time, paths }] = derived.plan!.loads
    const alone = paths.filter((path) => path.own === 'mark fold')
    expect(alone.length).toBeGreaterThan(0)
    expect(time.byOperation.score).toBeGreaterThan(0)
  })
  test('one that is called as a part is has nothing to do with that part, and any name makes a layer', () => {
    const odd = ['floor-1', '<;>', 'Föhn/1'].map((name, i) => ({ ...own[0], id: `o${i}`, name }))
    const engravings = odd.map(({ id }, i) => on({ how: { kind: 'own', by: id }, up: 20 * i - 20 }))
    const { job, derived } = made(engravings, { tune: { ...plain.tune, own: odd } })
    const [svg, dxf] = writeFiles(job, derived, derived.plan!, ['svg', 'dxf']).map(({ content }) => content)
    const ids = [...svg.matchAll(/<g id="([^"]+)"/g)].map(([, id]) => id)
    expect(ids).toEqual(['score-labels', 'floor-1', 'own', 'Föhn-1', 'outline-cuts'])
    expect(svg.match(/id="outline-cuts"[\s\S]*?<\/g>/)![0]).toContain('data-part="floor-1"')
    expect(dxf).toContain('FÖHN-1')
  })
  test('pockets of both faces count together where they meet, and are told of', () => {
    const pocket = (side: Engraving['side'], up: number) =>
      on({ how: { kind: 'pocket', depth: 1.4, groove: 0.5 }, side, up })
    const deep = (up: number): boolean => {
      const { job, derived, parts } = made([pocket('outside', 0), pocket('inside', up)])
      return checksOf(job, derived, parts, IN_METRIC).some(({ title }) => title.includes('nearly through'))
    }
    expect([deep(0), deep(30)]).toEqual([true, false])
  })
  test('a shallower pocket is burnt faster, as energy goes with depth', () => {
    const pocket = (depth: number, up: number) => on({ how: { kind: 'pocket', depth, groove: 0.5 }, up })
    const { derived } = made([pocket(1.5, 20), pocket(0.6, -20)])
    const { settings, own: ways } = derived.plan!
    expect(ways).toEqual([
      expect.objectContaining({
        name: 'pockets 0.6 mm deep',
        setting: expect.objectContaining({ passes: settings.pocket.passes }),
      }),
    ])
    const fastest = plain.measure.machine!.maxSpeed
    expect(ways[0].setting.speed).toBe(Math.min(fastest, Math.round((settings.pocket.speed * 1.5) / 0.6)))
  })
  test('lines are sunk as grooves, as wide as is said and square at their ends', () => {
    const scale: Motif = { kind: 'text', text: 'I', height: 20, letters: 'single lines' }
    const grooved = (groove: number) =>
      panelOf(made([on({ motif: scale, how: { kind: 'pocket', depth: 1, groove } })]).derived, 'floor').faces!
        .outside
    const [narrow, wide] = [0.5, 2].map(grooved)
    expect([narrow.scored, wide.scored]).toEqual([[], []])
    const box = (face: typeof narrow) => bounds(face.pockets.flatMap((each) => each.area.outline))
    expect(box(wide).maxY - box(narrow).maxY).toBeCloseTo(0.75, 3)
    // The width is told from the area over the way: by formula, the way and a square at each end.
    const stem = narrow.pockets.reduce((sum, each) => sum + area(each.area), 0)
    expect(stem).toBeGreaterThan(0.5 * 18)
    expect(wide.pockets.reduce((sum, each) => sum + area(each.area), 0)).toBeGreaterThan(3.5 * stem)
  })
  test('a pocket is filled from border to border, of any outline', () => {
    const motifs = fc.constantFrom<Motif>(
      { kind: 'round', diameter: 24 },
      { kind: 'rectangle', width: 40, height: 14, radius: 4 },
      words('MOOR'),
    )
    fc.assert(
      fc.property(motifs, fc.integer({ min: 0, max: 180 }), (motif, turn) => {
        const { derived } = made([on({ motif, how: { kind: 'pocket', depth: 1, groove: 0.5 }, turn })])
        const rows = derived.plan!.loads.flatMap(({ paths }) =>
          paths.filter(({ operation }) => operation === 'pocket'),
        )
        const burnt = rows.reduce(
          (sum, { points: [a, b] }) => sum + Math.hypot(b.x - a.x, b.y - a.y) * 0.1,
          0,
        )
        const c = derived.box.compensation.x
        const { pockets } = panelOf(derived, 'floor').faces!.outside
        const whole = pockets.reduce((sum, each) => sum + area(each.area), 0)
        const round = pockets.reduce((sum, each) => sum + lengthRound(each.area), 0)
        expect(Math.abs(burnt - (whole - round * c)) / whole).toBeLessThan(0.03)
      }),
      { numRuns: 12, seed: seedOf(3) },
    )
  })
})

const lengthRound = ({ outline, holes }: Region): number =>
  [outline, ...holes].reduce(
    (sum, ring) =>
      sum +
      ring.reduce(
        (own, a, i) =>
          own + Math.hypot(a.x - ring[(i + 1) % ring.length].x, a.y - ring[(i + 1) % ring.length].y),
        0,
      ),
    0,
  )

test('a panel that is divided to fit the bed keeps what is engraved on it, each piece its own', () => {
  const machine = { ...plain.measure.machine!, bedWidth: 250, bedHeight: 200 }
  const box = deriveBox({
    ...plain,
    measure: { ...plain.measure, machine },
    box: {
      ...plain.box,
      width: 400,
      seams: { divides: true, angle: 0, staggered: false, at: {} },
      engravings: [on({ motif: words('OVER THE SEAM') })],
    },
  })
  const whole = box
    .panels!.find(({ id }) => id === 'floor')!
    .faces!.outside.engraved.map(jtsOf)
    .reduce(united)
  const pieces = box.pieces.filter(({ id }) => id.startsWith('floor-'))
  expect(pieces.length).toBeGreaterThan(1)
  const shares = pieces.flatMap(({ faces }) => faces!.outside.engraved.map(jtsOf))
  expect(differing(shares.reduce(united), whole).getArea()).toBeLessThan(0.05)
  expect(shares.reduce((sum, each) => sum + each.getArea(), 0)).toBeCloseTo(whole.getArea(), 1)
  expect(shared(shares[0], whole).getArea()).toBeCloseTo(shares[0].getArea(), 2)
})
