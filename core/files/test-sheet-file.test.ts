import { describe, expect, test } from '@jest/globals'
import { parseSync } from 'svgson'
import DxfParser from 'dxf-parser'
import { demo } from '../../scripts/testing/demo'
import { believeCut, energyFor, oddsOf } from '../belief'
import { offcutFor, sheetDrawing } from '../derive'
import { readCode } from '../gcode'
import { area, bounds } from '../geometry'
import {
  cutEnergy,
  cutSettings,
  engraveSettings,
  pocketModel,
  pocketSettings,
  type TestRecord,
  type TestSheet,
} from '../tune'
import { rectangularOffcut } from '../stock'
import { writeTestSheet } from './index'

const job = demo('specimen-tray')
const { machine, stock } = job.measure
const believed = (tests: TestRecord[]) => believeCut({ tests, since: '', scale: 1 }, machine!, stock!, 3).need
const need = believed([])
const sureBy = (belief: typeof need) => (sure: number) => energyFor(belief, sure)
const base = { speed: 12, power: 60, passes: 1, air: true }
const sheetOf = (
  kind: TestSheet['kind'],
  settings: TestSheet['squares'][number]['setting'][],
): TestSheet => ({
  kind,
  machineId: machine!.id,
  stockId: stock!.id,
  thickness: 3,
  squares: settings.map((setting) => ({ setting, result: null })),
})
const cut = sheetOf('cut', cutSettings(sureBy(need), base, machine!, 3, 9))

describe('the squares of a test sheet', () => {
  test('are spread over what is not known: from what hardly cuts to what surely does, none twice', () => {
    const energies = cut.squares.map(({ setting }) => cutEnergy(setting, machine!.watts, 3))
    const odds = energies.map((energy) => oddsOf(need, { energy, passes: 1 }).through)
    expect(Math.min(...odds)).toBeLessThan(0.2)
    expect(Math.max(...odds)).toBeGreaterThan(0.85)
    expect(new Set(cut.squares.map(({ setting }) => `${setting.speed} ${setting.power}`)).size).toBe(
      cut.squares.length,
    )
    expect(new Set(cut.squares.map(({ setting }) => setting.power))).toEqual(new Set([60, 45]))
  })
  test('narrow down once something is known', () => {
    const tests = [0.6, 0.75, 0.9].map((energy, i) => ({
      id: `t${i}`,
      machineId: machine!.id,
      stockId: stock!.id,
      family: stock!.family,
      thickness: 3,
      setting: { ...base, speed: (machine!.watts * 0.6) / (energy * 3) },
      on: '',
      result: energy < 0.7 ? ('not through' as const) : ('clean' as const),
    }))
    const span = (settings: { speed: number }[]): number =>
      Math.max(...settings.map(({ speed }) => speed)) / Math.min(...settings.map(({ speed }) => speed))
    const after = believed(tests)
    expect(span(cutSettings(sureBy(after), base, machine!, 3, 6))).toBeLessThan(
      span(cutSettings(sureBy(need), base, machine!, 3, 6)),
    )
  })
  test('pockets about the wanted depth, patches from half to twice the speed, within the machine', () => {
    const pockets = pocketSettings(pocketModel([], machine!.id), base, machine!, 1.5, 6)
    expect(pockets.map(({ speed }) => speed)).toEqual(
      [...pockets.map(({ speed }) => speed)].sort((a, b) => b - a),
    )
    expect(pockets.length).toBeGreaterThan(3)
    const patches = engraveSettings({ ...base, speed: 300 }, { ...machine!, maxSpeed: 400 }, 5)
    expect(patches.map(({ speed }) => speed)).toEqual([400, 300, 212, 150])
  })
})

describe('a test sheet as a file', () => {
  const drawing = sheetDrawing(job, cut)
  test('SVG: one group for each square in a colour of its own, as an unrelated reader sees it', () => {
    const { content } = writeTestSheet(job, cut, 'svg')
    const groups = parseSync(content).children.filter(({ name }) => name === 'g')
    const squares = groups.filter(({ attributes }) => attributes.id.startsWith('square-'))
    expect(squares).toHaveLength(cut.squares.length)
    expect(new Set(squares.map(({ attributes }) => attributes.stroke)).size).toBe(cut.squares.length)
    expect(squares[0].children[0].children[0].value).toContain('square 1: ')
    expect(groups[0].attributes.id).toBe('score-labels')
  })
  test('DXF: one layer for each', () => {
    const { content } = writeTestSheet(job, cut, 'dxf')
    const read = new DxfParser().parseSync(content)!
    const layers = new Set(read.entities.map(({ layer }) => layer))
    expect([...layers].filter((layer) => layer.startsWith('SQUARE')).sort()).toHaveLength(cut.squares.length)
  })
  test('G-code: every square at its own speed and power, the numbers at theirs', () => {
    const { content } = writeTestSheet(job, cut, 'gcode')
    const read = readCode(content, machine!.code)
    if (!read.ok) throw new Error(read.error)
    const burning = read.moves.filter(({ power }) => power > 0)
    for (const [i, { setting }] of cut.squares.entries()) {
      const { x, y, side } = drawing.squares[i]
      const right = machine!.origin.endsWith('right') ? drawing.width : 0
      const own = burning.filter(({ from, to }) =>
        [from, to].every(
          (point) =>
            point.x + right >= x - 1e-3 &&
            point.x + right <= x + side + 1e-3 &&
            point.y >= y - 1e-3 &&
            point.y <= y + side + 1e-3,
        ),
      )
      expect(own).toHaveLength(4)
      for (const { speed, power } of own) {
        expect(speed).toBeCloseTo(setting.speed, 6)
        expect(power * 100).toBeCloseTo(setting.power, 6)
      }
    }
  })
  test('squares keep clear of each other and of their numbers, within the sheet', () => {
    const outlines = drawing.paths.filter(({ operation }) => operation === 'outline')
    const boxes = outlines.map(({ points }) => bounds(points))
    for (const [i, a] of boxes.entries()) {
      expect(area({ outline: outlines[i].points, holes: [] })).toBeCloseTo(144, 6)
      expect([a.minX > 3, a.minY > 3, a.maxX < drawing.width - 3, a.maxY < drawing.height - 3]).toEqual([
        true,
        true,
        true,
        true,
      ])
      for (const b of boxes.slice(i + 1))
        expect(Math.max(b.minX - a.maxX, a.minX - b.maxX, b.minY - a.maxY, a.minY - b.maxY)).toBeGreaterThan(
          5,
        )
      for (const { points } of drawing.paths.filter(({ operation }) => operation === 'score'))
        for (const { x, y } of points)
          expect(x > a.minX && x < a.maxX && y > a.minY && y < a.maxY).toBe(false)
    }
  })
  test('the smallest offcut that it goes onto, either way round', () => {
    const offcuts = [
      rectangularOffcut('large', 300, 300, ''),
      rectangularOffcut('turned', drawing.height + 1, drawing.width + 1, ''),
      rectangularOffcut('small', 40, 40, ''),
      {
        ...rectangularOffcut('odd', 200, 200, ''),
        outline: [
          [0, 0],
          [200, 0],
          [0, 200],
        ] as [number, number][],
      },
    ]
    expect(offcutFor(drawing, offcuts)?.id).toBe('turned')
    expect(offcutFor({ width: 900, height: 10 }, offcuts)).toBeNull()
  })
})
