import { expect, test } from './fixtures'
import { field, goTo, line, openDemo, settled, tabTo, typeInto } from './helpers'

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

test('glue goes by its label: rounds, what holds them, another way that is quicker; in undo too', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'build')
  const card = page.getByRole('region', { name: 'Glue, and how long it takes' })
  const says = page.getByTestId('schedule')
  await expect(says).toContainText('One round of gluing')
  await expect(page.getByRole('heading', { name: 'In one go' })).toBeVisible()
  await expect(page.getByText('2 clamps from left to right, 36 mm, 107 mm above the foot')).toBeVisible()
  await typeInto(page, field(page, 'Stays open'), '2.5')
  await expect(says).toContainText(/[234] rounds of gluing/)
  await expect(page.getByRole('heading', { name: 'Round 2 of' })).toBeVisible()
  await typeInto(page, field(page, 'Stays open'), '1')
  await expect(card).toContainText('longer than this glue stays open')
  await typeInto(page, field(page, 'Stays open'), '0')
  await expect(card).toContainText('at least 0.1')
  await card.getByRole('combobox').selectOption('solvent cement')
  await expect(card.getByRole('alert')).toContainText('joins acrylic only')
  await expect(says).toContainText('let the glue run into each joint')
  await settled(page)
  await page.reload()
  await expect(card.getByRole('combobox')).toHaveValue('solvent cement')
})

test('a timer runs on through a reload and in a second tab, and rings', async ({ page, context }) => {
  await context.clock.install()
  await openDemo(page, 'demo-tray', 'build')
  await page.getByRole('button', { name: 'It is closed: hold 10 min' }).first().click()
  const timer = page.getByTestId('timer')
  await expect(timer).toHaveText(/^(10:00|9:5\d)$/)
  await page.clock.fastForward('03:00')
  await expect(timer).toHaveText(/^(7:00|6:5\d)$/)
  await page.reload()
  await expect(timer).toHaveText(/^[67]:/)
  const other = await context.newPage()
  await openDemo(other, 'demo-rack', 'log')
  await expect(other.getByRole('region', { name: 'Timers' })).toContainText('Glue of Specimen tray')
  await other.clock.fastForward('11:00')
  await expect(other.getByTestId('timer')).toHaveText('it holds')
  await expect(timer).toHaveText('it holds') // the other tab has heard of it
  await expect(page.getByRole('alert')).toContainText('The glue of Specimen tray, moss survey holds.')
  await page.getByRole('button', { name: /^Stop the timer/ }).click()
  await expect(page.getByRole('region', { name: 'Timers' })).toHaveCount(0)
  await expect(other.getByRole('region', { name: 'Timers' })).toHaveCount(0)
})

test.describe('one step a page', () => {
  test('on a phone, with a thumb: from the first to the last; a reload comes back to the same step', async ({
    page,
  }) => {
    await openDemo(page, 'demo-crate', 'build')
    await page.setViewportSize({ width: 390, height: 844 })
    await page.getByRole('button', { name: 'Build it step by step' }).click()
    const alone = page.getByRole('dialog')
    await expect(alone).toContainText('1 of 5')
    const done = alone.getByRole('button', { name: 'Done' })
    const box = (await done.boundingBox())!
    expect([box.height >= 44, box.x + box.width <= 390, box.y + box.height <= 844]).toEqual([
      true,
      true,
      true,
    ])
    await done.click()
    await expect(alone).toContainText('2. Front')
    await expect(page.getByTestId('saving')).toHaveText('saved')
    await page.reload()
    await expect(alone).toContainText('2. Front')
    for (const title of ['3. Back', '4. Left', '5. Right']) {
      await done.click()
      await expect(alone).toContainText(title)
    }
    await expect(alone).toContainText('That closes the round. Hold it: 2 clamps')
    await alone.getByRole('button', { name: 'Hold 10 min' }).click()
    await done.click()
    await expect(alone).toHaveCount(0)
    await expect(page.getByTestId('timer')).toBeVisible()
    await expect(line(page, 'build')).toHaveText('5 of 5 panels')
  })
  test('by any key; the left arrow goes back, Escape ends it', async ({ page }) => {
    await openDemo(page, 'demo-crate', 'build')
    await tabTo(page, page.getByRole('button', { name: 'Build it step by step' }))
    await page.keyboard.press('Enter')
    const alone = page.getByRole('dialog')
    await expect(alone).toContainText('1 of 5')
    await page.keyboard.press('j')
    await page.keyboard.press('Space')
    await expect(alone).toContainText('3 of 5')
    await page.keyboard.press('ArrowLeft')
    await expect(alone).toContainText('2 of 5')
    await expect(alone).toContainText('Done already.')
    await page.keyboard.press('Escape')
    await expect(alone).toHaveCount(0)
    await expect(line(page, 'build')).toHaveText('2 of 5 panels')
  })
})

test('a part that was spoilt is cut again as it was, on the smallest offcut, whatever changed since', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'cut')
  const [first] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Write the cut files' }).click(),
  ])
  const mark = /-([2-9A-Z]{5})-/.exec(first.suggestedFilename())![1]
  await openDemo(page, 'demo-crate', 'shape')
  await field(page, 'Width').fill('333')
  await settled(page)
  await goTo(page, 'Build')
  const card = page.getByRole('region', { name: 'Cut a part again' })
  await card.getByText('A part is spoilt or lost').click()
  await card.getByRole('checkbox', { name: /left/i }).check()
  await expect(card.getByRole('status')).toContainText('On the offcut')
  const [again] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('button', { name: 'Write the part' }).click(),
  ])
  expect(again.suggestedFilename()).toMatch(new RegExp(`^cut-again-.*${mark}.*(svg|zip)$`))
})

test('a panel that will not go in: where to look, by this job’s own doubts', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'build')
  const card = page.getByRole('region', { name: 'A panel will not go in' })
  await card.getByText('where to look').click()
  await expect(card.getByRole('listitem').first()).toContainText('the right way round')
  await expect(card.getByRole('listitem').last()).toContainText('cut it again')
  await expect(card).toContainText(/A boundary may be off by 0\.\d{3} mm/)
})

test('after the glue: sand, mask, coats by the tin’s label, and a card for the customer', async ({
  page,
}) => {
  await openDemo(page, 'demo-logger', 'build')
  const card = page.getByRole('region', { name: 'After the glue' })
  const steps = card.getByRole('list', { name: 'After the glue, in order' }).getByRole('listitem')
  await expect(steps).toHaveText([/Let it set/, /Sand/])
  await card.getByRole('combobox').selectOption('varnish')
  await expect(steps).toHaveText([
    /Let it set/,
    /Sand/,
    /Mask.*grooves/,
    /3 coats of varnish/,
    /Let it harden/,
  ])
  await expect(page.getByTestId('ready')).toContainText('4.3 days')
  await typeInto(page, field(page, 'Coats'), '9')
  await expect(card).toContainText('at most 8')
  await typeInto(page, field(page, 'Coats'), '1')
  await expect(page.getByTestId('ready')).toContainText('4.0 days')
  // What moves is told at its step.
  await expect(page.getByText('Keep dry, it moves').first()).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('button', { name: 'Card for the customer, as PDF' }).click(),
  ])
  expect(download.suggestedFilename()).toMatch(/card\.pdf$/)
  await settled(page)
  await page.reload()
  await expect(card.getByRole('combobox')).toHaveValue('varnish')
})

test('what holds a round is drawn round the box', { tag: '@space' }, async ({ page }) => {
  await openDemo(page, 'demo-tray', 'build')
  await expect(page.getByRole('img', { name: /^Held: 2 rubber bands/ })).toBeVisible()
})
