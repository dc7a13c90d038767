import { expect, test } from '@playwright/test'
import { BUILT, makeApp } from '../server/app'
import { listen } from '../server/listen'
import { DEMOS, field } from './helpers'

test.use({ serviceWorkers: 'allow' })

test('opens, plans and stores with the server stopped', async ({ page }) => {
  const { server, address } = await listen(makeApp(BUILT), 4700)
  await page.goto(address)
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await expect
    .poll(() => page.evaluate(async () => (await caches.keys()).length), { timeout: 30_000 })
    .toBeGreaterThan(0)
  server.closeAllConnections()
  await new Promise((resolve) => server.close(resolve))
  await expect(page.request.get(address)).rejects.toThrow() // it is gone

  await page.goto(`${address}#/job/demo-logger/shape`)
  await page.reload()
  await expect(page.getByText('up to date')).toBeVisible()
  await field(page, 'Width').fill('181')
  await expect(page.getByTestId('saving')).toHaveText('saved')
  await expect(page.getByText('up to date')).toBeVisible()
  await page.reload()
  await expect(field(page, 'Width')).toHaveValue('181')
  await page.goto(`${address}#/job/demo-logger/cut`)
  const writing = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  expect((await writing).suggestedFilename()).toMatch(/logger-case.*\.(svg|zip)$/)
})
