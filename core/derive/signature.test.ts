import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { signatureOf } from './signature'

/** FNV-1a of 32 bits, by its definition. [PUB: RFC draft-eastlake-fnv] */
const fnv = (values: number[], seed: bigint): string =>
  values
    .reduce((hash, value) => BigInt.asUintN(32, (hash ^ BigInt(value)) * 0x01000193n), seed)
    .toString(16)
    .padStart(8, '0')

/** Of the text, and of the text with its places added. */
function wanted(value: unknown): string {
  const bytes = [...Buffer.from(JSON.stringify(value))]
  const placed = bytes.map((byte, i) => byte + i)
  return fnv(bytes, 0x811c9dc5n) + fnv(placed, 0x9747b28cn)
}

const point = fc.record({ x: fc.double({ noNaN: true }), y: fc.double({ noNaN: true }) })
const region = fc.record({ outline: fc.array(point), holes: fc.array(fc.array(point)) })
// Plain ASCII, where a letter is a byte.
const plain = fc.jsonValue({ stringUnit: 'grapheme-ascii' })

// Layouts and cut files that are stored carry it: another one would call all of them stale.
test('of any JSON value: what is asked for the second time, when its shapes are known, included', () => {
  fc.assert(
    fc.property(fc.array(fc.oneof(plain, region, fc.tuple(region, fc.constant(undefined)))), (value) => {
      const first = signatureOf(value)
      expect(first).toBe(wanted(value))
      expect(signatureOf([...value])).toBe(first)
    }),
    { numRuns: 40 },
  )
})
test('tells values apart', () => {
  expect(signatureOf([1, 2])).not.toBe(signatureOf([2, 1]))
  expect(signatureOf('')).toHaveLength(16)
})
