import { expect, test } from './fixtures'
import { field, goTo, openDemo, settled } from './helpers'

test('three passes fail, four come out clean: both are believed, and nothing quicker is called sure', async ({
  page,
}) => {
  await openDemo(page, 'demo-field-book', 'tune')
  const add = async (passes: number, result: string) => {
    await field(page, 'Test speed').fill('8')
    await field(page, 'Test power').fill('60')
    await field(page, 'Test passes').fill(String(passes))
    await field(page, 'Test passes').press('Tab')
    await page.getByLabel('Came out').selectOption(result)
    await page.getByRole('button', { name: 'Add test' }).click()
  }
  const own = page.getByRole('region', { name: 'Tests of this stock on this machine' })
  const remove = own.getByRole('button', { name: /^Remove/ })
  while ((await remove.count()) > 0) await remove.first().click()
  await add(3, 'not through')
  // After failures alone it says so, and proposes what is likelier.
  await expect(page.getByTestId('reason')).toContainText('did not go through')
  await expect(page.getByTestId('reason')).toContainText('is likelier')
  await add(4, 'clean')
  await expect(page.getByTestId('reason')).toContainText('4 passes')
  const odds = async (): Promise<number> =>
    Number(/odds of (\d+) %/.exec((await page.getByTestId('cut-odds').textContent())!)![1])
  expect(await odds()).toBeGreaterThan(75)
  await field(page, 'Passes').fill('3')
  await field(page, 'Passes').press('Tab')
  await expect(page.getByTestId('cut-odds')).toContainText('It did not go through in 1 test')
  expect(await odds()).toBeLessThan(45)
  await expect(page.getByText('Did not go through', { exact: true })).toBeVisible()
  // The test that tells most is taken over by one press.
  await page.getByRole('button', { name: 'Test that next' }).click()
  await expect(field(page, 'Test passes')).toHaveValue('3')
})

test('a tight joint on a typed kerf is the kerf’s doing first; a measured play settles it', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'measure')
  await settled(page)
  await goTo(page, 'Log')
  await page.getByRole('button', { name: 'It was cut now' }).click()
  const card = page.getByRole('article', { name: 'Revision 2' })
  const figures = async (): Promise<number[]> =>
    [...(await card.getByTestId(/moved|not-kept/).textContent())!.matchAll(/−?\d\.\d{3}/g)].map(([text]) =>
      Number(text.replace('−', '-')),
    )
  await card.getByRole('radio', { name: 'press' }).click()
  // What it moves is shown before it is kept.
  await expect(card.getByTestId('not-kept')).toContainText('“press” had odds of')
  const [kerfBefore, kerfAfter, snugBefore, snugAfter] = await figures()
  expect(kerfAfter).toBeLessThan(kerfBefore)
  expect(kerfBefore - kerfAfter).toBeGreaterThan(Math.abs(snugAfter - snugBefore))
  await card.getByRole('textbox', { name: 'Play of a tab, measured' }).fill('-0.06')
  await card.getByRole('button', { name: 'Add' }).click()
  await expect(card.getByText('play −0.060 mm')).toBeVisible()
  // Half of the play at either side: the kerf was taken for 0.03 too much, or it was a day of its own.
  expect((await figures())[1]).toBeLessThan(kerfBefore - 0.008)
  await card.getByRole('button', { name: 'Learn from it' }).click()
  await expect(card.getByTestId('moved')).toBeVisible()
  await card.getByRole('button', { name: 'Take it back' }).click()
  await expect(card.getByTestId('not-kept')).toBeVisible()
  await card.getByRole('button', { name: 'Learn from it' }).click()
  // Measure takes it over, and compensation follows.
  await goTo(page, 'Measure')
  await page.getByRole('button', { name: 'Take the bench’s figures' }).click()
  await settled(page)
  await expect(page.getByRole('button', { name: /^Gap at each glue line/ })).toBeVisible()
})

test('what would make it surer is listed with its minutes; a check of the calipers moves the kerf', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'measure')
  const card = page.getByRole('region', { name: 'What would make it surer' })
  await expect(card.getByText(/1 min: snug \d+ % → \d+ %/)).toBeVisible()
  await card
    .getByRole('listitem')
    .filter({ hasText: 'Calipers on a gauge' })
    .getByRole('button', { name: 'Write it down' })
    .click()
  await field(page, 'They show').fill('10.02')
  await card.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/Calipers on a gauge: kept\. Kerf is now taken as 0\.\d+ mm/)).toBeVisible()
  await expect(card.getByText('Calipers on a gauge')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(card.getByText('Calipers on a gauge')).toBeVisible()
})

test('joints of known places show how the kerf leans over the bed; paths follow it when asked', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'log')
  await settled(page)
  await page.getByRole('button', { name: 'It was cut now' }).click()
  const card = page.getByRole('article', { name: 'Revision 2' })
  const form = card.getByRole('form', { name: 'Measured of this cut' })
  const what = form.getByLabel('What was measured')
  await what.focus()
  await form.getByLabel('With', { exact: true }).selectOption('micrometer')
  const measure = async (label: string, name: string, read: string) => {
    await what.selectOption({ label })
    await form.getByRole('textbox', { name }).fill(read)
    await form.getByRole('button', { name: 'Add' }).click()
  }
  // The further to the right, the more is taken away.
  for (const [label, read] of [
    ['left', '-0.1'],
    ['right', '0.1'],
    ['front', '0'],
    ['back', '0'],
  ])
    // oxfmt-ignore
    for (let i = 0; i < 2; i++) await measure(`Play: ${label} with floor`, 'Play of a tab, measured', read)
  await measure('Size: floor, width', 'It measures', '239.9')
  await expect(
    card.getByText(/play of left with floor .* size of floor, width .* by micrometer/),
  ).toBeVisible()
  await card.getByRole('radio', { name: 'some stuck' }).click()
  await card.getByText('Which parts stuck').click()
  await card.getByRole('checkbox', { name: 'row 2' }).check()
  await expect(card.getByText('Which parts stuck: row 2')).toBeVisible()
  await card.getByRole('textbox', { name: 'Passes in the end' }).fill('2')
  await card.getByRole('textbox', { name: 'Passes in the end' }).press('Tab')
  await expect(card.getByTestId('not-kept')).toContainText(/odds of going through \d+ % → \d+ %/)
  await card.getByRole('button', { name: 'Learn from it' }).click()
  await goTo(page, 'Measure')
  const bed = page.getByRole('region', { name: 'The kerf over the bed' })
  await expect(bed.getByText('From 8 joints and parts')).toBeVisible()
  await expect(bed.getByRole('img')).toHaveAttribute('aria-label', /to the right edge \+0\.0\d/)
  await bed.getByRole('button', { name: 'Let the paths follow it' }).click()
  await expect(bed.getByRole('button', { name: 'Compensate alike everywhere' })).toBeVisible()
  await goTo(page, 'Cut')
  await expect(page.getByTestId('statement')).toContainText('The paths follow the kerf over the bed')
  // What came of it is on the bench.
  await page.goto('./#/bench/promises')
  await expect(page.getByRole('article', { name: 'Cuts that go through' })).toContainText(
    '0 of 1 promise came',
  )
})
