import { expect, test } from '@jest/globals'
import { createRequire } from 'node:module'
import { letter, letterInto } from './index'

test('letters are the strokes of the Hershey set, as the registry’s package has them', () => {
  const { futural } = createRequire(import.meta.url)('hersheytext/hersheytext.min.json') as {
    futural: { chars: { d: string }[] }
  }
  for (const sign of 'AGQ8') {
    const theirs = futural.chars[sign.charCodeAt(0) - 33].d
      .match(/-?\d+,-?\d+/g)!
      .map((pair) => pair.split(',').map(Number))
    const ours = letter(sign, 21).strokes.flat()
    expect(ours.map(({ x, y }) => [x, Math.round(22 - y)])).toEqual(theirs)
  }
})
test('a label is as high as asked, small letters are set as capitals, unknown signs are spaces', () => {
  const ys = letter('HE', 7)
    .strokes.flat()
    .map(({ y }) => y)
  expect([Math.min(...ys), Math.max(...ys)]).toEqual([0, 7])
  expect(letter('front', 7)).toEqual(letter('FRONT', 7))
  expect(letter('§', 7).strokes).toEqual([])
})
test('a label that would be too small to read is left out', () => {
  expect(letterInto('FRONT', { x: 0, y: 0 }, 4, 7)).toEqual([])
  expect(letterInto('FRONT', { x: 0, y: 0 }, 60, 7).length).toBeGreaterThan(5)
})
