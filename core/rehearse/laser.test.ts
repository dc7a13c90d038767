import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { deriveAll } from '../derive'
import { writeProgram } from '../files'
import { rectangle } from '../geometry'
import {
  knownOf,
  laserSetupSchema,
  piecesByPart,
  rehearse,
  SimulatedLaser,
  type LaserPiece,
  type LaserSetup,
} from './index'

const { job, parts, derived } = deriveAll(demo('plain-tray'))
const plan = derived.plan!
const [load] = plan.loads
const { watts, maxSpeed, travelSpeed, acceleration, origin, code } = job.measure.machine!
const { kerf, doubt, family, through } = knownOf(job, derived.box, plan.stocks[0])
const setup = (part: Partial<LaserSetup> = {}): LaserSetup =>
  laserSetupSchema.parse({
    seed: 7,
    like: 'mine',
    machine: { watts, maxSpeed, travelSpeed, acceleration, origin, code },
    family,
    sheet: { number: load.sheet, width: load.width, height: load.height },
    thickness: { mean: derived.box.thickness.mean, doubt: derived.box.thickness.sd },
    kerf: { ...kerf, doubt },
    through,
    ...part,
  })
const program = writeProgram(job, derived, plan, load)
const loaded = (part: Partial<LaserSetup> = {}, text = program): SimulatedLaser => {
  const laser = new SimulatedLaser(setup(part))
  expect(laser.load(text)).toEqual({ ok: true })
  return laser
}
/** A frame of 60 mm with a hole of 20 in it. */
const frame = { outline: rectangle(0, 0, 60, 60), holes: [[...rectangle(20, 20, 40, 40)].reverse()] }
const hollow = { shape: frame, drawn: frame }
const asRing = (ring: [number, number][]) => ring.map(([x, y]) => ({ x, y }))
const shaped = ({ way, outline, holes }: LaserPiece) => ({
  way: asRing(way),
  shape: { outline: asRing(outline), holes: holes.map(asRing) },
})
const outOf = (laser: SimulatedLaser) => {
  const out = laser.pieces()
  if (!out.ok) throw new Error(out.error)
  return piecesByPart(job, load, parts, out.pieces, shaped)
}

describe('a simulated laser', () => {
  test('left to itself it cuts what the rehearsal of the same seed cuts, in the same time', () => {
    const laser = loaded()
    laser.act('start')
    laser.tick(1e6)
    const { phase, seconds, of } = laser.state()
    expect([phase, seconds]).toEqual(['done', of])
    const { found, missing } = outOf(laser)
    const rehearsed = rehearse(job, 7, 'mine')
    if (!rehearsed.ok) throw new Error(rehearsed.error)
    expect(missing).toEqual([])
    expect(found.map(({ part }) => part.id).sort()).toEqual(
      rehearsed.rehearsal.parts.map(({ id }) => id).sort(),
    )
    expect(seconds).toBeCloseTo(rehearsed.rehearsal.seconds, 0)
    for (const { part, piece } of found) {
      const same = rehearsed.rehearsal.parts.find(({ id }) => id === part.id)!
      expect(piece.outline).toEqual(same.outline)
    }
  })
  test('its beam is where the program has it, and off where it travels', () => {
    const laser = loaded()
    laser.act('start')
    let [burning, dark] = [0, 0]
    for (let i = 0; i < 400; i++) {
      laser.tick(1)
      const { beam, at, phase } = laser.state()
      if (phase !== 'running') break
      if (beam) burning++
      else dark++
      expect(at.x).toBeGreaterThan(-1)
      expect(at.x).toBeLessThan(load.width + 1)
    }
    expect(burning).toBeGreaterThan(10 * dark)
  })
  test('paused or opened nothing goes on; with the door open it does not begin', () => {
    const laser = loaded()
    laser.act('start')
    laser.tick(30)
    laser.act('open the door')
    const { phase, seconds, beam } = laser.state()
    expect([phase, seconds, beam]).toEqual(['paused', 30, false])
    laser.tick(100)
    expect(laser.state().seconds).toBe(30)
    expect(laser.act('go on')).toMatchObject({ ok: false, error: 'The door is open. Close it first.' })
    laser.act('close the door')
    expect(laser.act('go on')).toEqual({ ok: true })
    laser.tick(5)
    expect(laser.state().seconds).toBe(35)
    laser.act('pause')
    laser.tick(5)
    expect(laser.state().seconds).toBe(35)
    expect(laser.pieces()).toMatchObject({ ok: false })
  })
  test('a knock while it cuts: what comes after lands elsewhere, what was cut stays', () => {
    const laser = loaded()
    laser.act('start')
    laser.tick(laser.state().of * 0.7)
    laser.act('bump')
    laser.tick(1e6)
    expect(laser.state().bumped).toBe(true)
    const { found, missing } = outOf(laser)
    const spoilt = [...missing, ...found.filter(({ astray }) => astray.length > 0)]
    expect(spoilt).toHaveLength(1)
    const whole = found.filter(({ astray }) => astray.length === 0)
    // Cut whole before it or after it: a good part either way.
    expect(new Set(whole.map(({ off }) => off > 1.5))).toEqual(new Set([false, true]))
    expect(whole).toHaveLength(parts.length - 1)
    const calm = loaded()
    calm.act('start')
    calm.tick(1e6)
    expect(outOf(calm).missing).toEqual([])
  })
  test('a knock between a part’s holes and its outline: the part is there, its holes are not', () => {
    const sheet = { number: 0, width: 300, height: 200 }
    const square = (at: number, side: number): string =>
      `G0 X${at} Y${at}\nG1 X${at + side} Y${at} F300 S900\nG1 X${at + side} Y${at + side}\n` +
      `G1 X${at} Y${at + side}\nG1 X${at} Y${at}\n`
    const laser = loaded(
      { sheet, machine: { ...setup().machine, origin: 'front left' } },
      `G21\nG90\nM8\nM4 S0\n${square(40, 20)}${square(20, 60)}M5\nM2\n`,
    )
    laser.act('start')
    laser.tick(laser.state().of * 0.2)
    laser.act('bump')
    laser.tick(1e6)
    const part = {
      ...parts[0],
      id: 'p',
      shape: frame,
      turnedShape: frame,
      lies: [hollow, hollow],
    } as (typeof parts)[number]
    const placement = { ...job.layout.arrangement!.placements[0], part: 'p', turn: 0, x: 20, y: 20, sheet: 0 }
    const arrangement = { ...job.layout.arrangement!, placements: [placement] }
    const alone = { ...job, layout: { ...job.layout, arrangement } }
    const only = { ...load, x: 0, y: 0, paths: [{ ...load.paths[0], part: 'p' }] }
    const out = laser.pieces()
    if (!out.ok) throw new Error(out.error)
    const [{ astray, off }] = piecesByPart(alone, only, [part], out.pieces, shaped).found
    expect(off).toBeGreaterThan(1)
    expect(astray).toEqual(['A hole in it lies 1.8 mm beside its place.'])
  })
  test('stopped half-way, what was not cut is not there', () => {
    const laser = loaded()
    laser.act('start')
    laser.tick(laser.state().of * 0.6)
    laser.act('stop')
    const { found, missing } = outOf(laser)
    expect(found.length + missing.length).toBe(parts.length)
    expect(missing.length).toBeGreaterThan(0)
  })
  test('where the program waits it waits, first round the sheet and at the end', () => {
    const waiting = { ...job, cut: { ...job.cut, frame: true, look: true } }
    const laser = loaded({}, writeProgram(waiting, derived, plan, load))
    laser.act('start')
    laser.tick(1e6)
    expect(laser.state().phase).toBe('waiting')
    expect(laser.state().seconds).toBeLessThan(30)
    laser.act('go on')
    laser.tick(1e6)
    expect(laser.state().phase).toBe('waiting')
    laser.act('go on')
    laser.tick(1e6)
    expect(laser.state().phase).toBe('done')
    expect(outOf(laser).missing).toEqual([])
  })
  test('much energy without air flares up', () => {
    const flame = (air: boolean): boolean => {
      const on = air ? 'M8\n' : ''
      const laser = loaded({}, `G21\nG90\n${on}G0 X10 Y10\nM3 S1000\nG1 X60 Y10 F60 S1000\nM5\nM2\n`)
      laser.act('start')
      laser.tick(5)
      return laser.state().flame
    }
    expect([flame(false), flame(true)]).toEqual([true, false])
  })
  test.each([
    ['a speed far over its limits', 'G21\nG90\nM3\nG1 X50 Y0 F9000000 S500\n', 'mm/s at most'],
    ['a word that it does not know', 'G21\nG5 X1\n', 'is not known here'],
    ['a place far off', 'G21\nG0 X99999999 Y0\n', '20 m off'],
  ])('%s is refused, and what was there stays', (_, text, sentence) => {
    const laser = loaded()
    const refused = laser.load(text)
    expect(refused.ok ? '' : refused.error).toContain(sentence)
    expect(laser.act('start')).toEqual({ ok: true })
    expect(laser.load(program)).toMatchObject({ ok: false, error: 'It is still at work. Stop it first.' })
  })
})
