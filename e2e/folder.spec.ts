import { expect, test, type Page } from '@playwright/test'
import { DEMOS, field, settled } from './helpers'

/** The browser's own private folder stands for one that was chosen: it answers to the same calls. */
async function withDesk(page: Page): Promise<void> {
  await page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('desk', { create: true }),
    })
  })
}
/** What is in it. A file that is just being written is not there for a moment: then all are read anew. */
async function files(page: Page): Promise<Record<string, string>> {
  let read: Record<string, string> | null = null
  await expect.poll(async () => (read = await filesNow(page))).not.toBeNull()
  return read!
}
const filesNow = (page: Page): Promise<Record<string, string> | null> =>
  page.evaluate(async () => {
    const root = await navigator.storage.getDirectory()
    const desk = await root.getDirectoryHandle('desk', { create: true })
    const found: Record<string, string> = {}
    interface Entries {
      entries: () => AsyncIterable<[string, FileSystemFileHandle]>
    }
    try {
      for await (const [name, file] of (desk as unknown as Entries).entries())
        found[name] = await (await file.getFile()).text()
      return found
    } catch {
      return null
    }
  })
const write = (page: Page, name: string, text: string): Promise<void> =>
  page.evaluate(
    async ([file, content]) => {
      const desk = await (await navigator.storage.getDirectory()).getDirectoryHandle('desk')
      const stream = await (await desk.getFileHandle(file)).createWritable()
      await stream.write(content)
      await stream.close()
    },
    [name, text] as const,
  )

test('a folder is kept in step: written, read back, and what both changed is asked about', async ({
  page,
}) => {
  await withDesk(page)
  await page.goto('./')
  const card = page.getByRole('region', { name: 'Folder' })
  await card.getByRole('button', { name: 'Keep a folder in step' }).click()
  await expect(card).toContainText('Every job is a file in “desk” as well')
  // Each job, and the bench.
  await expect.poll(async () => Object.keys(await files(page)).length).toBe(DEMOS.length + 1)
  const tray = Object.keys(await files(page)).find((name) => name.startsWith('specimen-tray'))!

  // Changed there: it comes back.
  const there = async (change: (job: { name: string }) => void): Promise<void> => {
    const job = JSON.parse((await files(page))[tray]) as { name: string; changed: string }
    change(job)
    await write(page, tray, JSON.stringify({ ...job, changed: new Date().toISOString() }))
  }
  await there((job) => void (job.name = 'Specimen tray, from the desk'))
  await card.getByRole('button', { name: 'Look for changes' }).click()
  await expect(page.getByRole('link', { name: /from the desk/ })).toBeVisible()

  // Changed here: it is written, on the page of the job, after a reload as well.
  await page.getByRole('link', { name: /from the desk/ }).click()
  await page.goto('./#/job/demo-tray/shape')
  await page.reload()
  await settled(page)
  await field(page, 'Width').fill('222')
  const renamed = async (): Promise<string> => {
    const all = await files(page)
    return Object.keys(all).find((name) => all[name].includes('"width": 222')) ?? ''
  }
  await expect.poll(renamed).not.toBe('')
  const file = await renamed()

  // Changed on both sides: it is asked, and the other one stays beside it.
  const job = JSON.parse((await files(page))[file]) as { box: { width: number } }
  job.box.width = 333
  await write(page, file, JSON.stringify(job))
  await field(page, 'Width').fill('111')
  await settled(page)
  await page.waitForTimeout(1500)
  expect((await files(page))[file]).toContain('333')
  await page.goto('./')
  await card.getByRole('button', { name: 'Look for changes' }).click()
  const both = page.getByRole('list', { name: 'Changed here and there' })
  await both.getByRole('button', { name: 'Take the folder’s' }).click()
  await expect(both).toHaveCount(0)
  const jobs = page.getByRole('list', { name: 'Jobs' })
  await expect(jobs).toContainText('333.0 ×')
  await expect(jobs.getByRole('listitem').filter({ hasText: '(other)' })).toContainText('111.0 ×')
})

test('the bench is a file of the folder: written, read back, nothing overwritten unseen', async ({
  page,
}) => {
  await withDesk(page)
  await page.goto('./')
  const card = page.getByRole('region', { name: 'Folder' })
  await card.getByRole('button', { name: 'Keep a folder in step' }).click()
  const bench = async (): Promise<string> => (await files(page))['bench.uplands.json'] ?? ''
  await expect.poll(bench).toContain('Birch ply 3')
  // Changed there: it comes back.
  await write(page, 'bench.uplands.json', (await bench()).replaceAll('Birch ply 3', 'Birch from the desk'))
  await card.getByRole('button', { name: 'Look for changes' }).click()
  await page.goto('./#/bench')
  await expect(page.getByText('Birch from the desk').first()).toBeVisible()
  // Changed on both sides: ours stays, theirs is beside it, and it is said.
  const before = await bench()
  await page.goto('./#/job/demo-tray/measure')
  await settled(page)
  await write(page, 'bench.uplands.json', before.replaceAll('Birch from the desk', 'Birch of both'))
  await page.getByRole('textbox', { name: 'Name of the stock' }).fill('Birch of here')
  await settled(page)
  await page.goto('./')
  await card.getByRole('button', { name: 'Look for changes' }).click()
  await expect(page.getByText('The bench was changed here and in the folder')).toBeVisible()
  await expect.poll(bench).toContain('Birch of here')
  expect((await files(page))['bench (other).json']).toContain('Birch of both')
})
