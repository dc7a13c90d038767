// Ordinary ways in which what was made could be lost, or what is there could not be seen.
import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { runs } from '../scripts/testing/runs'
import { DEMOS, contentOf, field, line, newJob, openDemo, settled } from './helpers'

/** Writes something into the browser's storage behind the application's back. */
const store = (page: Page, shelf: string, record: unknown): Promise<void> =>
  page.evaluate(
    ([name, value]) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('uplands')
        opening.onerror = () => reject(opening.error!)
        opening.onsuccess = () => {
          const transaction = opening.result.transaction(name as string, 'readwrite')
          transaction.objectStore(name as string).put(value)
          transaction.oncomplete = () => {
            opening.result.close()
            resolve()
          }
        }
      }),
    [shelf, record],
  )

for (const pause of [0, 50]) {
  test(`a key pressed ${pause} ms before a reload is kept, time after time`, async ({ page }) => {
    await openDemo(page, 'demo-tray', 'shape')
    const depth = page.locator('[data-dimension=depth] input')
    for (let i = 0; i < runs(24); i++) {
      const value = String(130 + i)
      await depth.fill(value)
      if (pause > 0) await page.waitForTimeout(pause)
      await page.reload()
      await expect(depth, `time ${i + 1}`).toHaveValue(value)
    }
  })
}

test('what is typed just before a tab is closed is there in the next one', async ({ page, context }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.locator('[data-dimension=depth] input').fill('177')
  await page.close()
  const next = await context.newPage()
  await next.goto('./#/job/demo-tray/shape')
  await expect(next.locator('[data-dimension=depth] input')).toHaveValue('177')
})

test('site data cleared while the page is open is said, and the job is stored again', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await field(page, 'Width').fill('211')
  await settled(page)
  const session = await page.context().newCDPSession(page)
  const origin = new URL(page.url()).origin
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' })
  await expect(page.getByText('The browser cleared what this page had stored.')).toBeVisible()
  await field(page, 'Depth').fill('141')
  await settled(page)
  await page.reload()
  await expect(field(page, 'Width')).toHaveValue('211')
  await expect(field(page, 'Depth')).toHaveValue('141')
})

test('without a database one can work, is told, and is asked before leaving', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', { value: undefined, configurable: true, writable: true })
  })
  await page.goto('./')
  await newJob(page)
  await expect(page.getByText('This browser stores nothing for this page.')).toBeVisible()
  await page.getByRole('navigation', { name: 'Traveller' }).getByRole('link', { name: /Shape/ }).click()
  await field(page, 'Width').fill('99')
  await expect(page.getByTestId('saving')).toHaveText('kept until the page closes')
  const exporting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export job now' }).click()
  expect(JSON.parse(await contentOf(await exporting))).toMatchObject({ box: { width: 99 } })
  const asked = page.waitForEvent('dialog')
  void page.close({ runBeforeUnload: true })
  const dialog = await asked
  expect(dialog.type()).toBe('beforeunload')
  await dialog.accept()
})

test('without a place for preferences the page stands all the same', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'localStorage', {
      get() {
        throw new DOMException('forbidden', 'SecurityError')
      },
    })
  })
  await openDemo(page, 'demo-tray', 'shape')
  await page.getByRole('button', { name: /^Units:/ }).click()
  await page.getByRole('radio', { name: 'inches' }).click()
  await expect(page.locator('[data-dimension=width] input')).toHaveValue('9.4488')
})

test('a database that fails to open once is tried again', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.addInitScript(() => {
    const { open } = IDBFactory.prototype
    let failures = 1
    IDBFactory.prototype.open = function (...given) {
      if (failures-- > 0) throw new DOMException('not now', 'UnknownError')
      return open.apply(this, given)
    }
  })
  await page.reload()
  await settled(page)
  await field(page, 'Width').fill('222')
  await settled(page)
})

test('a job that cannot be read is never called absent: shown, exported as it is, mended', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'shape')
  const text = readFileSync(new URL('../demo/specimen-tray.json', import.meta.url), 'utf8')
  const job = { ...(JSON.parse(text) as object), id: 'spoilt', name: 'Spoilt tray', copies: 4000 }
  await store(page, 'jobs', { id: 'spoilt', revision: 1, job })
  await page.goto('./#/job/spoilt/shape')
  const broken = page.getByRole('region', { name: 'What cannot be read' })
  await expect(broken).toContainText('Spoilt tray')
  await expect(broken).toContainText('copies is at most 100')
  await expect(page.getByText('is not in this browser')).toHaveCount(0)
  const exporting = page.waitForEvent('download')
  await broken.getByRole('button', { name: 'Export as it is' }).click()
  expect(JSON.parse(await contentOf(await exporting))).toMatchObject({ copies: 4000 })
  await broken.getByRole('button', { name: 'Mend it' }).click()
  await expect(field(page, 'Copies')).toHaveValue('100')
})

test('broken records of the bench and of jobs hide nothing else, and can be deleted', async ({ page }) => {
  await openDemo(page, 'demo-tray')
  const records: [string, object][] = [
    ['jobs', { id: 'odd', revision: 'x', job: 17 }],
    ['machines', { id: 'odd', name: 7 }],
    ['stocks', { id: 'odd', name: 'Warped ply', sheetWidth: 1e9 }],
    ['kerfs', { id: 'odd', machineId: 'machine-1', width: 'NaN' }],
    ['tastes', { id: 'odd', family: 'plywood', interference: null }],
    ['events', { id: 'odd', what: 12 }],
  ]
  for (const [shelf, record] of records) await store(page, shelf, record)
  await page.reload()
  await settled(page)
  await expect(line(page, 'measure')).toHaveText('3.04 ± 0.04, 7 readings')
  await expect(page.locator('body')).not.toContainText('NaN')
  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  await page.goto('./#/bench')
  await expect(page.getByText('Warped ply')).toBeVisible()
  await expect(page.locator('body')).not.toContainText('NaN')
  const broken = page.getByRole('region', { name: 'What cannot be read' }).getByRole('listitem')
  const count = await broken.count()
  expect(count).toBeGreaterThanOrEqual(5)
  await broken.filter({ hasText: 'Warped ply' }).getByRole('button', { name: 'Delete it' }).click()
  await expect(broken).toHaveCount(count - 1)
})

test('a planner that cannot be loaded is done without; one that has ended is started again', async ({
  page,
}) => {
  await page.route(/planner\.worker/, (route) => route.abort())
  await openDemo(page, 'demo-tray', 'layout')
  await expect(page.locator('[data-part="floor-1"]')).toBeVisible()
  await expect(page.getByText('Small jobs are planned on the page itself')).toBeVisible()
  await page.unroute(/planner\.worker/)

  await page.addInitScript(() => {
    const Real = Worker
    let first = true
    // The first worker ends as soon as it is asked for anything.
    window.Worker = class extends Real {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options)
        if (first) setTimeout(() => this.dispatchEvent(new ErrorEvent('error', { cancelable: true })), 50)
        first = false
      }
      override postMessage(message: unknown): void {
        setTimeout(() => super.postMessage(message), 120)
      }
    }
  })
  await page.reload()
  await expect(page.getByText('it was started again')).toBeVisible()
  await settled(page)
})

test('figures out of all bounds are refused where they are typed, and the rest goes on', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await field(page, 'Width').fill('4999')
  await page.getByRole('radio', { name: 'inner' }).click()
  await page.getByRole('radio', { name: 'outer' }).click()
  await field(page, 'Width').fill('5001')
  await expect(page.getByText('Width is at most 5000 mm.')).toBeVisible()
  await field(page, 'Width').fill('240')
  await page.getByRole('radio', { name: 'inner' }).click()
  await field(page, 'Width').fill('4998')
  await page.getByRole('radio', { name: 'outer' }).click() // 5004.08 outside cannot be kept
  await expect(page.getByText(/cannot be kept: width of box is at most 5000/)).toBeVisible()
  await settled(page)
  await page.reload()
  await expect(field(page, 'Width')).toHaveValue('4998')

  await page.goto('./#/job/demo-tray/measure/kerf')
  for (const reading of ['24.5', '24.84', '25.2', '24.84']) {
    await page.locator('#bench-reading').fill(reading)
    await page.getByRole('button', { name: 'Next' }).click()
    const keep = page.getByRole('button', { name: 'Keep it' })
    if (await keep.isVisible()) await keep.click()
  }
  await expect(page.getByText('The readings lie too far apart to tell a kerf')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Use this kerf' })).toBeDisabled()
  await settled(page)
  await page.reload()
  await expect(page.getByRole('region', { name: 'What cannot be read' })).toHaveCount(0)
  await expect(page.locator('#bench-reading')).toBeVisible()
})
