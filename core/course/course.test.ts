import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { wordFor } from '../fit'
import { IN_METRIC } from '../length'
import { EXERCISES, type Answers, type Task } from './index'

const task = (id: string, seed = 1): Task => EXERCISES.find((each) => each.id === id)!.make(seed)
const said = (made: Task, answers: Answers): [boolean, string] => {
  const { right, said: sentence } = made.check(answers)
  return [right, sentence(IN_METRIC)]
}
const figures = (made: Task): number[] =>
  made.story(IN_METRIC).flatMap((sentence) => (sentence.match(/\d+(?:\.\d+)?/g) ?? []).map(Number))
const seeds = fc.integer({ min: 1, max: 100_000 })

test('six exercises, each with a story, hints and questions of its own', () => {
  expect(EXERCISES.map(({ id }) => id)).toEqual(['kerf', 'setting', 'factor-two', 'order', 'hinge', 'box'])
  fc.assert(
    fc.property(seeds, (seed) => {
      for (const { make } of EXERCISES) {
        const made = make(seed)
        expect(made.story(IN_METRIC).length).toBeGreaterThan(1)
        expect(made.hints(IN_METRIC).length).toBeGreaterThan(1)
        expect(made).toMatchObject({ questions: make(seed).questions, readings: make(seed).readings })
        const empty = made.check({})
        expect(empty.right).toBe(false)
        expect(empty.said(IN_METRIC)).toMatch(/[.:]/)
      }
    }),
    { numRuns: 100 },
  )
})

describe('the kerf', () => {
  const of = (made: Task): number => made.readings!.values.reduce((sum, each) => sum + each, 0) / 40
  test('as the readings have it is right, and near to the machine’s own', () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const made = task('kerf', seed)
        const [right, sentence] = said(made, { kerf: of(made), side: of(made) / 2 })
        expect(right).toBe(true)
        const [truth, read] = sentence.match(/\d\.\d+/g)!.map(Number)
        expect(Math.abs(truth - read)).toBeLessThan(0.006)
      }),
    ))
  test.each([
    [(k: number) => ({ kerf: 10 * k, side: k / 2 }), 'the whole gap'],
    [(k: number) => ({ kerf: k / 2, side: k / 4 }), 'compensation per side'],
    [(k: number) => ({ kerf: 2 * k, side: k }), 'factor of two'],
    [(k: number) => ({ kerf: k, side: k }), 'half of it'],
    [(k: number) => ({ kerf: k + 0.05, side: k }), 'Add the readings'],
  ])('a mistake is told by its own name: %#', (answer, sentence) => {
    const made = task('kerf')
    const [right, words] = said(made, answer(of(made)))
    expect([right, words]).toEqual([false, expect.stringContaining(sentence)])
  })
})

test('the setting: whoever halves between through and not through finds one, in four tests', () =>
  fc.assert(
    fc.property(seeds, (seed) => {
      const made = task('setting', seed)
      const start = Number(/near (\d+)/.exec(made.hints(IN_METRIC)[1])![1])
      let [low, high] = [start * 0.6, start * 1.6]
      for (let i = 0; i < made.trying!.most; i++) {
        const middle = (low + high) / 2
        if (made.trying!.run(middle) === 'not through') high = middle
        else low = middle
      }
      expect(said(made, { speed: low * 0.82 })[0]).toBe(true)
      expect(said(made, { speed: high * 1.1 })).toEqual([false, expect.stringContaining('knot')])
      expect(said(made, { speed: low * 0.3 })).toEqual([false, expect.stringContaining('Go faster')])
    }),
    { numRuns: 200 },
  ))

describe('the factor of two', () => {
  test('half of the kerf, a gap below nothing, and its word', () => {
    const made = task('factor-two')
    const [kerf] = figures(made)
    const right = { side: kerf / 2, gap: -kerf, word: wordFor(-kerf) }
    expect(said(made, right)[0]).toBe(true)
    expect(said(made, { ...right, side: kerf })[1]).toContain('what the friend typed')
    expect(said(made, { ...right, gap: kerf })[1]).toContain('the other way')
    expect(said(made, { ...right, word: 'loose' })[1]).toContain('forced')
  })
})

describe('the order', () => {
  const order = (...ids: string[]) => said(task('order'), { order: ids })
  test('what sets the part free comes last', () => {
    expect(order('words', 'holes', 'window', 'outline')[0]).toBe(true)
    expect(order('words', 'window', 'holes', 'outline')[0]).toBe(true)
  })
  test('the simulated laser itself says what an outline that comes first does', () => {
    expect(order('words', 'outline', 'window', 'holes')[1]).toContain('came loose before 2 of its holes')
    expect(order('words', 'holes', 'outline', 'window')[1]).toContain('came loose before 1 of its holes')
    expect(order('holes', 'window', 'outline', 'words')[1]).toContain('loose when you engrave')
    expect(order('holes', 'words', 'window', 'outline')[1]).toContain('Engrave first')
    expect(order('holes', 'outline')[1]).toContain('missing')
  })
})

// The flat length of an arc at mid-thickness, by definition; links along the grain, from memory.
test('the hinge: length at mid-thickness, link and kerf, links along the grain', () => {
  const made = task('hinge')
  const [radius, thickness, link, kerf] = figures(made)
  const right = {
    flat: (Math.PI / 2) * (radius + thickness / 2),
    pitch: link + kerf,
    lie: 'along the face grain',
  }
  expect(said(made, right)[0]).toBe(true)
  expect(said(made, { ...right, flat: (Math.PI / 2) * radius })[1]).toContain('inside of the bend')
  expect(said(made, { ...right, flat: (Math.PI / 2) * (radius + thickness) })[1]).toContain(
    'outside of the bend',
  )
  expect(said(made, { ...right, pitch: link })[1]).toContain('That is the link')
  expect(said(made, { ...right, lie: 'across it' })[1]).toContain('snap')
})

test('the box: by the calipers, two walls on the way, one floor and no lid', () =>
  fc.assert(
    fc.property(seeds, (seed) => {
      const made = task('box', seed)
      const [width, depth, height, label, thickness] = figures(made)
      const by = (t: number) => ({ Width: width + 2 * t, Depth: depth + 2 * t, Height: height + t })
      expect(said(made, by(thickness))[0]).toBe(true)
      expect(said(made, by(label))[1]).toContain('by the label')
      expect(said(made, { ...by(thickness), Height: height + 2 * thickness })[1]).toContain('no lid')
      expect(said(made, { ...by(thickness), Depth: depth })[1]).toContain('The depth')
    }),
    { numRuns: 60 },
  ))
