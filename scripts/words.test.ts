import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { roomsOf, shownFiles, shownSentences } from './testing/reading-ease'
import { sentencesIn } from './testing/sentences'
import { piecesIn, unsaidIn } from './testing/unsaid'

const voice = readFileSync(new URL('../docs/voice.md', import.meta.url), 'utf8')
/** The first column of a table of the page. */
function column(heading: string): string[] {
  const [, after] = voice.split(`## ${heading}`)
  const rows = after.split('\n## ')[0].matchAll(/^\| (.+?) *\|/gm)
  return [...rows].map(([, cell]) => cell).slice(2)
}
/** Sentences of at most so many words. [PUB: GOV.UK content design] */
const MOST_WORDS = 25
/** Plain English. [PUB: R. Flesch, “A new readability yardstick”, Journal of Applied Psychology, 1948] */
const LEAST_EASE = 60
/** A room of fewer sentences says little of how it reads. */
const FEWEST = 5

const shown = shownSentences()

describe('every sentence that is shown', () => {
  test('is found: those of screens, of the core and of dialogs', () => {
    const texts = shown.map(({ text }) => text)
    expect(shown.length).toBeGreaterThan(1500)
    for (const known of [
      'Check that every part is cut through before you move the sheet.',
      'Dry-fit everything first. … Every wall comes in straight from its own outside',
    ])
      expect(texts.some((text) => text.includes(known))).toBe(true)
  })
  test('uses none of the words that the page on our voice leaves out', () => {
    const words = column('Words we do not use')
    expect(words.length).toBeGreaterThan(20)
    const pattern = new RegExp(`\\b(${words.join('|')})`, 'i')
    expect(shown.filter(({ text }) => pattern.test(text))).toEqual([])
  })
  test('is no longer than twenty-five words', () => {
    const long = shown.flatMap(({ file, line, text }) =>
      text
        .split(/(?<=[.?!])\s+/)
        .filter((sentence) => (sentence.match(/[A-Za-z’']+/g) ?? []).length > MOST_WORDS)
        .map((sentence) => `${file}:${line} ${sentence}`),
    )
    expect(long).toEqual([])
  })
  test('reads as plain English, room by room', () => {
    const hard = roomsOf(shown).filter(({ ease, sentences }) => sentences >= FEWEST && ease < LEAST_EASE)
    expect(hard).toEqual([])
  })
})

test('the page shows twenty pairs or more, and none of its befores is on a screen', () => {
  const befores = column('Before and after')
  expect(befores.length).toBeGreaterThanOrEqual(20)
  const texts = shown.map(({ text }) => text.toLowerCase())
  for (const before of befores.filter((each) => !each.includes('…')))
    expect([before, texts.some((text) => text.includes(before.toLowerCase()))]).toEqual([before, false])
})

test('a sentence is read as it is shown: out of templates, sums and places for marked words', () => {
  const found = sentencesIn('web/bench/words.ts').map(({ text }) => text)
  expect(found).toContain('Keep its offcuts for it')
  expect(found.join('\n')).toContain('Perhaps too late: …, if the machine’s clock is right')
  expect(found.join('\n')).toContain('… for …, the last is cut on …')
  expect(sentencesIn('web/bench/OrderRow.vue').some(({ text }) => /flex|min-h|btn/.test(text))).toBe(false)
  const summed = sentencesIn('core/build/words.ts').map(({ text }) => text)
  expect(summed.join('\n')).toContain('Press it in flat under a board until the glue has set')
})

/** Where sentences stand: what a room says, and what declares a thing with all that is said of it. */
const HOME = /\/words\.ts$|-words\.ts$|^core\/(say|kinds|course|fittings)\//
const isSentence = (text: string): boolean => /^[\p{Lu}“]|[.?!,;]( |$)/u.test(text)

describe('every sentence stands in the words of its room', () => {
  const elsewhere = shown.filter(({ file }) => !HOME.test(file))
  test('no template of a page holds one', () => {
    expect(elsewhere.filter(({ isMarkup }) => isMarkup)).toEqual([])
  })
  test('no script holds one: what is left there are names of states, keys and class lists', () => {
    expect(elsewhere.filter(({ text }) => isSentence(text))).toEqual([])
  })
  test('none is a piece to be glued to another: none begins or ends with what would join them', () => {
    const pieces = shownFiles()
      .filter((file) => file.endsWith('words.ts'))
      .flatMap((file) => piecesIn(file))
    expect(pieces).toEqual([])
  })
  test('all of them are said', () => {
    const files = shownFiles().filter((file) => file.endsWith('words.ts'))
    expect(files.length).toBeGreaterThan(30)
    expect(files.flatMap(unsaidIn)).toEqual([])
  })
})
