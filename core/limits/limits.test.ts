import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { z } from 'zod'
import { limitsOf, placeOf, repair, sentenceFor } from './index'

const schema = z.strictObject({
  width: z.number().min(1).max(50),
  count: z.number().int().min(0).max(9),
  share: z.number().gt(0).max(1),
  name: z.string().min(1).max(5),
  readings: z.array(z.number().min(0).max(10)).max(4),
})
const good = { width: 5, count: 2, share: 0.5, name: 'tray', readings: [1, 2] }
const why = (part: object): string => sentenceFor(schema.safeParse({ ...good, ...part }).error!)

test('limits are read off the schema that keeps the value', () => {
  expect(limitsOf(schema.shape.width)).toEqual({ min: 1, max: 50, whole: false })
  expect(limitsOf(schema.shape.count)).toEqual({ min: 0, max: 9, whole: true })
})
test('a refusal names the place and the limit in words', () => {
  expect(placeOf(['box', 'tabs', 2])).toBe('tab 3 of box')
  expect(why({ width: 60 })).toBe('width is at most 50')
  expect(why({ readings: [1, -2] })).toBe('reading 2 is at least 0')
  expect(why({ readings: [1, 2, 3, 4, 5] })).toBe('readings holds at most 4 entries')
  expect(why({ name: 'trays and more' })).toBe('name may have at most 5 letters')
  expect(why({ width: 'wide' })).toBe('width is not a number')
  expect(why({ more: 1 })).toBe('the whole of it has something unknown in it: more')
})
describe('repair', () => {
  test('clamps figures, keeps the newest entries, leaves out what is not known, and says so', () => {
    const { value, mended } = repair(schema, { ...good, width: 99, readings: [1, 2, 3, 4, 25], more: 1 })!
    expect(value).toEqual({ ...good, width: 50, readings: [2, 3, 4, 10] })
    expect(mended).toContain('width: 99 → 50')
    expect(mended.some((each) => each.includes('more left out'))).toBe(true)
  })
  test('gives up where no limit explains what is wrong', () => {
    for (const part of [{ width: 'wide' }, { name: '' }, { share: 0 }, { readings: null }]) {
      expect(repair(schema, { ...good, ...part })).toBeNull()
    }
    expect(repair(schema, null)).toBeNull()
    expect(repair(schema, 7)).toBeNull()
  })
  test('whatever comes, what it hands back can be read, and nothing good is changed', () => {
    fc.assert(
      fc.property(fc.object(), fc.double(), (more, width) => {
        const mended = repair(schema, { ...good, width, ...more })
        if (mended) expect(schema.safeParse(mended.value).success).toBe(true)
      }),
    )
    expect(repair(schema, good)).toEqual({ value: good, mended: [] })
  })
})
