import { expect, test, type Page } from './fixtures'
import { openDemo, settled, tabTo, typeInto } from './helpers'

const order = (page: Page, number: number) =>
  page.getByRole('listitem', { name: `Order ${number}`, exact: true })

test('the order book: in turn, with hours, sheets to buy, and offcuts kept for one order', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'layout')
  await page.goto('./#/bench/orders')
  await expect(page.getByRole('list', { name: 'Machines' })).toContainText(/Shed laser: .* for 4 orders/)
  await expect(page.getByRole('list', { name: 'Stock' })).toContainText(/Birch ply 3: \d+ sheets, 4 at hand/)
  const ply = page.getByRole('region', { name: 'Birch ply 3' })
  // By the day they are due: tray, crate, vial rack.
  await expect(ply.getByRole('listitem')).toHaveText([/6 × Specimen tray/, /1 × Peat crate/, /3 × Vial rack/])
  await expect(order(page, 1)).toContainText(/\d+ min.*sheets · cut on/)

  await order(page, 2).getByRole('button', { name: 'Keep its offcuts for it' }).click()
  await expect(order(page, 2)).toContainText('1 offcut kept for it')
  await page.reload()
  await expect(order(page, 2)).toContainText('1 offcut kept for it')
  await page.getByRole('link', { name: 'Stock book' }).click()
  await page
    .getByRole('navigation', { name: 'Stocks' })
    .getByRole('button', { name: /Birch ply 3/ })
    .click()
  await expect(page.getByRole('list', { name: 'Offcuts' })).toContainText('1 kept for order 2')
  // Another job that takes offcuts is told, and leaves it by one press.
  await openDemo(page, 'demo-tray', 'layout')
  await page.locator('[data-field=pieces-first]').selectOption('offcuts')
  const offcuts = page.getByRole('list', { name: 'Offcuts for this job' })
  await expect(offcuts).toContainText('kept for order 2')
  await offcuts.getByRole('button', { name: 'Leave those for their orders' }).click()
  await expect(offcuts.getByRole('checkbox', { checked: false })).toHaveCount(1)
  await settled(page)
  // Its own job is told nothing, and it is free again once it is cut.
  await openDemo(page, 'demo-crate', 'layout')
  await expect(offcuts).not.toContainText('kept for order')
  await page.goto('./#/bench/orders')
  await order(page, 2).getByRole('button', { name: 'Order 2: It is cut' }).click()
  await expect(page.getByRole('region', { name: 'Cut, and handed over' })).toContainText('1 × Peat crate 7')
  await page.getByRole('link', { name: 'Stock book' }).click()
  await expect(page.getByRole('list', { name: 'Offcuts' })).not.toContainText('kept for order')
})

test('an order is taken, is late, is taken out and comes back; by keys', async ({ page }) => {
  await page.goto('./#/bench/orders')
  await expect(page.getByRole('list', { name: 'Machines' })).toBeVisible()
  await page.getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByRole('alert')).toHaveText('Choose the job that is ordered.')
  await tabTo(page, page.getByRole('combobox', { name: 'Job' }))
  await page.keyboard.type('Rack for record')
  await typeInto(page, page.getByRole('textbox', { name: 'Boxes' }), '0')
  await tabTo(page, page.getByRole('button', { name: 'Take it' }))
  await page.keyboard.press('Enter')
  await expect(page.getByText(/at least 1|between 1 and/).first()).toBeVisible()
  await expect(order(page, 6)).toHaveCount(0)
  await typeInto(page, page.getByRole('textbox', { name: 'Boxes' }), '40')
  await page.getByLabel('Due on').fill('2026-01-02')
  await typeInto(page, page.getByRole('textbox', { name: 'For whom' }), 'Winter school')
  await page.keyboard.press('Tab')
  await tabTo(page, page.getByRole('button', { name: 'Take it' }))
  await page.keyboard.press('Enter')
  await expect(order(page, 6)).toContainText('40 × Rack for record cards')
  await expect(order(page, 6)).toContainText('For Winter school')
  await expect(order(page, 6)).toContainText('Too late: cut on')
  await order(page, 6).getByRole('button', { name: 'Remove order 6' }).click()
  await expect(order(page, 6)).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring back' }).click()
  await expect(order(page, 6)).toHaveCount(1)
})

test('orders of one stock go on the same sheets, each as often as it is wanted', async ({ page }) => {
  await page.goto('./#/bench/orders')
  const ply = page.getByRole('region', { name: 'Birch ply 3' })
  await ply.getByRole('button', { name: 'Put them on the same sheets' }).click()
  await expect(page).toHaveURL(/\/layout$/)
  await settled(page)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Orders 1, 2, 4')
  // Six trays of ten parts, a crate of five, three racks.
  await expect(page.getByText(/\d+ of \d+ parts fit/)).toHaveCount(0)
  await page.getByRole('link', { name: /Shape/ }).first().click()
  await expect(page.getByRole('button', { name: /^6 × Specimen tray/ })).toBeVisible()
})
