import { expect, test } from './fixtures'
import { DEMOS, contentOf, field, line, settled, tabTo, typeInto } from './helpers'

test('one box from a measurement to a build sheet, by keyboard alone', async ({ page }) => {
  const press = (key: string) => page.keyboard.press(key)
  /** Leaves whatever field is being typed in, so that plain keys are shortcuts again. */
  const station = async (number: string) => {
    await tabTo(page, page.getByRole('button', { name: 'Help' }))
    await press(number)
  }
  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  await tabTo(page, page.getByRole('button', { name: 'New job' }))
  await press('Enter')
  // What it is to be: found by what it is for, then its three sizes.
  const dialog = page.getByRole('dialog')
  await tabTo(page, dialog.getByRole('searchbox', { name: 'What it is for' }))
  await page.keyboard.type('storage')
  await tabTo(page, dialog.getByRole('button', { name: 'Plain box' }))
  await press('Space')
  await typeInto(page, dialog.getByRole('textbox', { name: 'Width' }), '130')
  await tabTo(page, dialog.getByRole('button', { name: 'Make it' }))
  await press('Enter')
  await expect(page.getByLabel('Name of the job')).toHaveValue('Plain box')
  await expect(page.getByText(/^130.0 × .* outside/)).toBeVisible()
  await station('1')

  // Measure: a machine and a stock that the bench knows from the demo
  await tabTo(page, page.getByRole('button', { name: 'Cut on' }))
  await press('Enter')
  await page.keyboard.type('shed')
  await press('Enter')
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Shed laser')
  await tabTo(page, page.getByRole('button', { name: 'Cut from' }))
  await press('Enter')
  await page.keyboard.type('birch')
  await press('Enter')
  await expect(line(page, 'measure')).toHaveText('3.04 ± 0.04, 7 readings')
  await typeInto(page, page.getByLabel('Thickness readings'), '3.05')
  await press('Enter')
  await expect(line(page, 'measure')).toContainText('8 readings')

  // Shape
  await station('2')
  await typeInto(page, field(page, 'Width'), '6 in')
  await expect(field(page, 'Width')).toHaveValue('6 in')
  await press('Tab')
  await press('ArrowUp') // depth 80 → 81
  await expect(field(page, 'Depth')).toHaveValue('81')
  await tabTo(page, page.locator('[data-thing=lid]'))
  await press('Enter')
  await tabTo(page, page.locator('[data-field=top]').getByRole('radio', { name: 'open' }))
  await press('ArrowRight') // closed by fingers
  await press('Escape')
  await expect(page.locator('[data-thing=lid]')).toBeFocused()
  await tabTo(page, page.locator('[data-thing=corners]'))
  await press('Enter')
  const uprights = page.locator('[data-field=tabs-uprights-count] input')
  await tabTo(page, page.getByLabel('Uprights: how'))
  await page.keyboard.type('how many tabs') // a list of choices is found in by typing
  await press('ArrowDown') // after tabs and notches together
  await expect(page.getByLabel('Uprights: how')).toHaveValue('tabs')
  await typeInto(page, uprights, '2')
  await settled(page)
  await press('Control+Z')
  await expect(uprights).not.toHaveValue('2')
  await press('Control+Shift+Z')
  await expect(uprights).toHaveValue('2')

  // Lay out: move a part with the arrows, turn it, and take it back
  await station('3')
  await settled(page)
  const part = page.locator('[data-part=floor-1]')
  const label = await part.getAttribute('aria-label')
  await tabTo(page, part)
  await press('Shift+ArrowRight')
  await expect(part).toHaveAttribute('aria-label', /pinned/)
  await press('p')
  await expect(part).not.toHaveAttribute('aria-label', /pinned/)
  await press('Control+Z')
  await press('Control+Z')
  await expect(part).toHaveAttribute('aria-label', label!)

  // Tune: what the bench tested is chosen already
  await station('4')
  await expect(page.getByTestId('reason')).toContainText('tested on this stock')

  // Cut
  await station('5')
  await settled(page)
  await tabTo(page, page.getByLabel('Time into the cut'))
  await press('End')
  await expect(page.getByTestId('doing')).toHaveText('done')
  await tabTo(page, page.getByRole('button', { name: 'Write the cut files' }))
  const writing = page.waitForEvent('download')
  await press('Enter')
  expect(await contentOf(await writing)).toContain('<g id="outline-cuts"')

  // Build and Log
  await station('6')
  await tabTo(page, page.getByRole('checkbox', { name: 'floor is in' }))
  await press('Space')
  await expect(line(page, 'build')).toHaveText('1 of 6 panels')
  await station('7')
  await tabTo(page, page.getByRole('button', { name: 'It was cut now' }))
  await press('Enter')
  await typeInto(page, page.getByLabel('Minutes taken'), '9')
  await tabTo(page, page.getByRole('radio', { name: 'forced' }))
  await press('ArrowRight')
  await press('ArrowRight')
  await expect(line(page, 'log')).toHaveText('revision 1, snug')

  // Help and find
  await tabTo(page, page.getByRole('button', { name: 'Help' }))
  await press('?')
  await expect(page.getByRole('heading', { name: 'Help' })).toBeVisible()
  await press('Escape')
  await press('/')
  await expect(page.getByRole('heading', { name: 'Find' })).toBeVisible()
  await page.keyboard.type('compens')
  await press('Enter')
  await expect(page).toHaveURL(/\/cut$/)
})
