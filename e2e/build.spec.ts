import { expect, test } from './fixtures'
import { field, openDemo, typeInto } from './helpers'

test('both diagonals say which corners to push; what cannot be is asked about; by keys, in inches', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'build')
  const card = page.getByRole('region', { name: 'Is it square?' })
  await expect(card).toContainText('inside: square is 280.0 mm twice')
  await typeInto(page, field(page, 'Front left to back right'), '281.5')
  await typeInto(page, field(page, 'Front right to back left'), '278.5')
  await expect(card.getByRole('status')).toContainText('1.8 mm too far to the right')
  await expect(card.getByRole('status')).toContainText('front left and the back right corner')
  await typeInto(page, field(page, 'Front left to back right'), '280.3')
  await typeInto(page, field(page, 'Front right to back left'), '280')
  await expect(card.getByRole('status')).toContainText('It is square')
  await typeInto(page, field(page, 'Front right to back left'), '12 in')
  await expect(card.getByRole('status')).toContainText('too long for these walls')
})
