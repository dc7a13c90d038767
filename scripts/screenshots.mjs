// Takes one picture of each main view, from the demo jobs, into docs/screenshots.
import { register } from 'node:module'
import { mkdirSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { run, setUp } from './setup.mjs'

setUp()
if (run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', '--logLevel', 'warn']) !== 0)
  process.exit(1)
register('tsx/esm', import.meta.url, { data: true })
const [{ makeApp, BUILT }, { listen }, { launch, openJob }] = await Promise.all([
  import('../server/app.ts'),
  import('../server/listen.ts'),
  import('./browser.mjs'),
])

const VIEWS = [
  ['measure', 'demo-tray'],
  ['shape', 'demo-tray'],
  ['layout', 'demo-crate'],
  ['tune', 'demo-tray'],
  ['cut', 'demo-instrument'],
  ['build', 'demo-instrument'],
  ['log', 'demo-crate'],
]
const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url))
mkdirSync(folder, { recursive: true })
const { server, address } = await listen(makeApp(BUILT), 4400)
const browser = await launch()
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: 'light' })
await page.goto(address)
await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(5).waitFor()
// The pictures in the list come one after the other.
for (let item = 0; item < 7; item++)
  await page
    .getByRole('list', { name: 'Jobs' })
    .getByRole('listitem')
    .nth(item)
    .locator('path[vector-effect]')
    .first()
    .waitFor()
await page.screenshot({ path: `${folder}jobs.png` })
for (const [station, job] of VIEWS) {
  await openJob(page, address, job, station)
  if (station === 'cut') {
    const clock = page.getByLabel('Time into the cut')
    await clock.evaluate((slider) => {
      slider.value = String(Number(slider.max) * 0.6)
      slider.dispatchEvent(new Event('input'))
    })
    await page.getByRole('button', { name: 'Cut it on one' }).click()
    await page.getByTestId('rehearsed').scrollIntoViewIfNeeded()
  }
  if (station === 'tune') {
    await page.getByRole('button', { name: 'Make a test sheet' }).click()
    for (const square of [7, 8, 9]) await page.getByRole('button', { name: `Square ${square},` }).click()
  }
  if (station === 'log') {
    await page.getByRole('button', { name: 'It was cut now' }).click()
    await page.getByRole('list', { name: 'Left over' }).waitFor()
  }
  await page.screenshot({ path: `${folder}${station}.png` })
}
// A lesson: calipers closed on a strip, the glass over the line that meets.
await page.goto(`${address}#/learn/calipers?code=RJKN`)
const jaws = page.getByRole('slider', { name: 'Jaws' })
await jaws.press('Home')
for (let i = 0; i < 116; i++) await jaws.press('ArrowRight')
await page.getByRole('button', { name: 'Tighten the screw' }).click()
await jaws.press('Home')
for (let i = 0; i < 3; i++) await page.getByRole('slider', { name: 'Magnifying glass' }).press('ArrowRight')
await page.screenshot({ path: `${folder}course.png` })
// What the boxes of an order cost.
await openJob(page, address, 'demo-tray', 'cut/price')
await page.getByRole('table').locator('tbody tr').last().getByText('€').first().waitFor()
await page.screenshot({ path: `${folder}price.png` })
// An order counted off, with a part that was spoilt.
await openJob(page, address, 'demo-slip', 'cut/count')
for (const load of [0, 1])
  await page
    .getByRole('button', { name: /is cut$/ })
    .nth(load)
    .click()
await page.getByRole('list', { name: 'Loads' }).getByRole('group').first().getByRole('button').nth(1).click()
await page.screenshot({ path: `${folder}count.png` })
// The kerf being measured, with readings as they may come.
await openJob(page, address, 'demo-tray', 'measure/kerf')
for (const reading of ['24.83', '24.85', '24.84', '24.86', '24.82', '24.84']) {
  await page.locator('#bench-reading').fill(reading)
  await page.keyboard.press('Enter')
}
await page.waitForTimeout(300)
await page.screenshot({ path: `${folder}kerf.png` })
await page.goto(`${address}#/bench`)
await page.getByRole('navigation', { name: 'Stocks' }).waitFor()
await page.waitForTimeout(300)
await page.screenshot({ path: `${folder}bench.png` })
// What is ordered, each order laid out.
await page.goto(`${address}#/bench/orders`)
await page.getByText('Laying out, to see what it takes').waitFor({ state: 'hidden', timeout: 120_000 })
await page.getByRole('listitem', { name: 'Order 5' }).getByText('min').waitFor({ timeout: 120_000 })
await page.screenshot({ path: `${folder}orders.png` })
await page.setViewportSize({ width: 390, height: 844 })
await openJob(page, address, 'demo-tray', 'shape')
await page.screenshot({ path: `${folder}shape-phone.png` })
await page.setViewportSize({ width: 1280, height: 800 })
// What came of some cuts, and what had been said of them.
for (const [job, word, came] of [
  ['demo-tray', 'snug', 'all fell free'],
  ['demo-rack', 'snug', 'all fell free'],
  ['demo-slip', 'press', 'all fell free'],
  ['demo-logger', 'press', 'some stuck'],
]) {
  await openJob(page, address, job, 'log')
  await page.getByRole('button', { name: 'It was cut now' }).click()
  const cut = page.getByRole('article', { name: /^Revision/ }).first()
  await cut.getByRole('radio', { name: word, exact: true }).click()
  await cut.getByRole('radio', { name: came }).click()
}
await page.goto(`${address}#/bench/promises`)
await page.waitForTimeout(400)
await page.screenshot({ path: `${folder}promises.png` })
// Every cut of all jobs, by what they were cut from.
await page.goto(`${address}#/bench/cuts`)
await page.getByRole('radio', { name: 'Stock' }).click()
await page.waitForTimeout(400)
await page.screenshot({ path: `${folder}cuts.png` })
await page.goto(address)
await page.getByRole('button', { name: 'New job' }).click()
await page.getByRole('button', { name: 'Stand with round holes and arches' }).locator('svg').waitFor()
await page.screenshot({ path: `${folder}new-job.png` })
// A first box, its test piece written.
await page.getByRole('dialog').getByRole('button', { name: 'Plain box' }).click()
await page.getByRole('dialog').getByRole('button', { name: 'Make it' }).click()
for (const [label, figure] of [
  ['Bed width', '500'],
  ['Bed depth', '300'],
  ['Laser power', '55'],
  ['Left edge', '3.02'],
  ['Middle', '3.05'],
  ['Right edge', '3.06'],
])
  await page.getByRole('textbox', { name: label, exact: true }).fill(figure)
await page.getByRole('button', { name: 'Write the test piece' }).click()
await page.getByRole('group', { name: 'Squares of the test sheet' }).waitFor()
await page.getByText('up to date').waitFor()
await page.screenshot({ path: `${folder}first.png` })
await browser.close()
server.close()
