import { expect, test } from '@jest/globals'
import { defaultFitting } from '@core/fittings'
import { demo } from '../../scripts/testing/demo'
import { placeOfField, thingOfField } from './thing-of-field'

test.each([
  ['top', 'lid'],
  ['lid-play', 'lid'],
  ['columns-height', 'dividers'],
  ['opening-diameter', 'openings'],
  ['engraving-up', 'engravings'],
  ['tabs-floor-width', 'floor'],
  ['tabs-top-count', 'lid'],
  ['stock-walls', 'stocks'],
  ['pull-size', 'fitting-pull'],
  ['hole-diameter-1', 'fitting-holes'],
  ['add-pull', 'add'],
  ['width', null],
])('%s is a figure of %p', (field, thing) => expect(thingOfField(field)).toBe(thing))

test('what is there is found at its own figures, what is not where it is added', () => {
  const plain = demo('plain-tray')
  const { box } = plain
  const lined = { ...plain, box: { ...box, fittings: [defaultFitting('lining', box, 3)] } }
  expect(placeOfField('add-lining', plain)).toEqual({ thing: 'add', field: 'add-lining' })
  expect(placeOfField('lining-play', plain).thing).toBe('add')
  expect(placeOfField('add-lining', lined)).toEqual({ thing: 'fitting-lining', field: 'fitting-lining' })
  expect(placeOfField('lining-play', lined).thing).toBe('fitting-lining')
  expect(placeOfField('whole-columns', plain).thing).toBe('kind')
  expect(placeOfField('bend-radius', plain).thing).toBe('bends')
})
