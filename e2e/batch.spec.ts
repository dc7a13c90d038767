import { expect, test } from './fixtures'
import { goTo, openDemo, settled, tabTo, typeInto } from './helpers'

test('two jobs on one sheet, by keys: each keeps its name, and its share goes into its own log', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'log')
  await page.goto('./')
  await tabTo(page, page.getByRole('button', { name: 'Cut jobs together' }))
  await page.keyboard.press('Enter')
  const dialog = page.getByRole('dialog')
  const crate = dialog.getByRole('checkbox', { name: /^Peat crate 7/ }).first()
  await tabTo(page, crate)
  await page.keyboard.press('Space')
  // What is cut from another stock cannot join, and says why.
  await expect(
    dialog
      .getByText(/is cut from Grey card/)
      .or(dialog.getByText(/, not from/))
      .first(),
  ).toBeVisible()
  const book = dialog.getByRole('checkbox', { name: /Field-book case/ })
  await tabTo(page, book)
  await page.keyboard.press('Space')
  await typeInto(page, dialog.getByRole('textbox', { name: 'Its name' }), 'Thursday’s sheet')
  await tabTo(page, dialog.getByRole('button', { name: 'Put them on the same sheets' }))
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Name of the job')).toHaveValue('Thursday’s sheet')
  await settled(page)
  await goTo(page, 'Lay out')
  await expect(page.getByRole('button', { name: /^Field-book case right/ })).toBeVisible()
  await goTo(page, 'Log')
  const card = page.getByRole('region', { name: 'Jobs that are cut together' })
  await expect(card.getByText('Field-book case')).toBeVisible()
  await page.getByRole('button', { name: 'It was cut now' }).click()
  await typeInto(page, page.getByLabel('Minutes taken').first(), '30')
  await page.keyboard.press('Tab')
  await card.getByRole('button', { name: 'Write revision 1 into 2 jobs' }).click()
  await expect(page.getByText('Revision 1 is in the log of 2 jobs.')).toBeVisible()
  await expect(card.getByText('is in the log of every job')).toBeVisible()
  await settled(page)
  await page.goto('./#/job/demo-field-book/log')
  await page.getByRole('article').getByRole('link').click()
  await expect(page.getByRole('article').getByRole('textbox', { name: /^Why this one/ })).toHaveValue(
    /^Cut together with others in “Thursday’s sheet”/,
  )
  const minutes = Number(await page.getByLabel('Minutes taken').first().inputValue())
  expect(minutes).toBeGreaterThan(3)
  expect(minutes).toBeLessThan(27)
})
