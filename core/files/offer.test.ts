import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { pagesOf } from '../../scripts/testing/pdf-pages'
import { IN_METRIC } from '../length'
import { billOf, NO_TERMS } from '../price'
import { writeOffer } from './offer'
import { offerOf } from './offer-of'

const NOW = new Date('2026-11-29T14:05:00.000Z')
const terms = {
  ...NO_TERMS,
  boxes: 3,
  hour: 30,
  customer: 'Warden of the moor – Ängsö',
  seller: 'Field station',
  note: 'Lids fit each other’s boxes.',
}
const job = { ...demo('plain-tray'), price: terms }
const bill = billOf(
  { boxes: 3, sheets: 1, material: 9, left: 0, seconds: 60, low: 60, high: 60, parts: 15, takes: [] },
  { building: 6, glue: 4 },
  { part: { spoilt: 0, sound: 60 }, fit: 0 },
  terms,
)

const textsOf = async (bytes: Uint8Array): Promise<string[]> => (await pagesOf(bytes)).map(({ text }) => text)

describe('a quote', () => {
  const offer = offerOf('quote', job, bill, NOW, IN_METRIC)
  test('says who, what, how many, what one and all cost, and until when', async () => {
    const pages = await textsOf(await writeOffer(offer))
    expect(pages).toHaveLength(1)
    const { each, price } = bill
    for (const wanted of [
      'Quote',
      'Q-20261129-1405',
      '2026-11-29',
      'holds until 2026-12-29',
      'Warden of the moor – Ängsö',
      `3 × ${job.name}`,
      'outside',
      `${each.toFixed(2)} €`,
      `${price.toFixed(2)} €`,
      'Lids fit each other’s boxes.',
    ])
      expect(pages[0]).toContain(wanted)
  })
  test('is light, also with its pictures', async () => {
    expect((await writeOffer(offer)).length).toBeLessThan(60_000)
    expect(offer.lines[0].picture!.facets.length).toBeGreaterThan(10)
  })
  test('of many kinds goes on over the page, and nothing is lost', async () => {
    const lines = Array.from({ length: 20 }, (_, i) => ({ ...offer.lines[0], name: `Tray ${i + 1}.` }))
    const pages = await textsOf(await writeOffer({ ...offer, lines }, 'letter'))
    expect(pages.length).toBeGreaterThan(2)
    for (const { name } of lines) expect(pages.join(' ')).toContain(name)
  })
  test('a sign that the fonts have not is a question mark, and the rest is written', async () => {
    const [page] = await textsOf(await writeOffer({ ...offer, customer: 'Łukasz 山' }))
    expect(page).toContain('For ?ukasz ?')
  })
})

test('a delivery note says no price, and when the glue is at full strength', async () => {
  const [page] = await textsOf(await writeOffer(offerOf('delivery note', job, bill, NOW, IN_METRIC)))
  expect(page).toContain('Delivery note')
  expect(page).toContain('full strength 24 h')
  expect(page).toContain('Received')
  expect(page).not.toContain('€')
})
