import { expect, test } from '@jest/globals'
import { demo, type DemoName } from '../../scripts/testing/demo'
import { pagesOf } from '../../scripts/testing/pdf-pages'
import { finishOf } from '../build'
import { deriveBox } from '../derive'
import { IN_METRIC as say } from '../length'
import { cardOf, writeCard } from './index'

const NOW = new Date('2026-11-30T10:00:00Z')
const cardFor = (name: DemoName, finish = finishOf('varnish')) => {
  const job = demo(name)
  const own = { ...job, build: { ...job.build, finish }, price: { ...job.price, seller: 'Field station' } }
  return cardOf(own, deriveBox(own), 104, NOW, say)
}

test('says what the box is, when it may be loaded and who made it, on one card of A6', async () => {
  const card = cardFor('logger-case')
  const pages = await pagesOf(await writeCard(card))
  expect(pages).toHaveLength(1)
  const [{ text, width, height }] = pages
  // ISO 216: 105 × 148 mm, in points of 1/72 in.
  expect([width, height].map((each) => Math.round((each / 72) * 25.4))).toEqual([105, 148])
  for (const words of [card.name, '3 coats of varnish', 'before 2026-12-04', 'Field station', 'slides'])
    expect(text.replace(/\s+/g, ' ')).toContain(words)
})

test('warns of magnets where there are some, and of a bend', () => {
  const care = (name: DemoName): string => cardFor(name).care.join(' ')
  expect(care('field-book')).toContain('Open the bend slowly')
  expect(care('plain-tray')).not.toMatch(/bend|magnet|slides/)
})

test('goes on on its back where it has no more room', async () => {
  const card = cardFor('plain-tray')
  const pages = await pagesOf(
    await writeCard({ ...card, care: Array.from({ length: 60 }, () => card.care[0]) }),
  )
  expect(pages.length).toBeGreaterThan(1)
  expect(
    pages
      .map(({ text }) => text)
      .join(' ')
      .split('Put nothing heavy').length - 1,
  ).toBe(60)
})
