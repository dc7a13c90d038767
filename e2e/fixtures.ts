import { test as base, type BrowserContext, type Page } from '@playwright/test'
import { existsSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

export { expect, type Page, type Locator, type Download } from '@playwright/test'

/** What a browser has stored in which the field station's jobs were opened once: by store, its records. */
export type State = Record<string, unknown[]>
export const STATE = fileURLToPath(new URL('../test-results/state.json', import.meta.url))

/** A page of the application's own address on which nothing of it runs. */
const ASIDE = './icon.svg'

export const readState = (page: Page): Promise<State> =>
  page.evaluate(async () => {
    const answer = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result)
        request.onerror = () => reject(request.error!)
      })
    const db = await answer(indexedDB.open('uplands'))
    const names = [...db.objectStoreNames]
    const transaction = db.transaction(names)
    const all = names.map(
      async (name) => [name, await answer(transaction.objectStore(name).getAll())] as const,
    )
    const state = Object.fromEntries(await Promise.all(all))
    db.close()
    return state
  })

/** Puts storage back to how it was, whatever the test before did to it. */
const putBack = (page: Page, state: State): Promise<void> =>
  page.evaluate(
    (stores) =>
      new Promise<void>((resolve, reject) => {
        localStorage.clear()
        const opening = indexedDB.open('uplands')
        opening.onerror = () => reject(opening.error!)
        opening.onsuccess = () => {
          const transaction = opening.result.transaction(Object.keys(stores), 'readwrite')
          for (const [name, records] of Object.entries(stores)) {
            const store = transaction.objectStore(name)
            store.clear()
            for (const record of records) store.put(record)
          }
          transaction.oncomplete = () => {
            opening.result.close()
            resolve()
          }
        }
      }),
    state,
  )

interface Home {
  context: BrowserContext
  /** Stays open, so that the process of the application, and what it has compiled, outlives each test. */
  aside: Page
  state: State
}

/**
 * Tests in a browser that has seen the application before: scripts are compiled, the first jobs are there.
 * Each begins from the same stored state. What is about a new browser, or about storage that breaks, takes
 * the runner's own `test`.
 */
export const test = base.extend<object, { home: Home }>({
  home: [
    async ({ browser }, use, { project }) => {
      const { baseURL, viewport, acceptDownloads, serviceWorkers } = project.use
      const context = await browser.newContext({ baseURL, viewport, acceptDownloads, serviceWorkers })
      const page = await context.newPage()
      await page.goto('./')
      await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(9).waitFor()
      const state = existsSync(STATE)
        ? (JSON.parse(readFileSync(STATE, 'utf8')) as State)
        : await readState(page)
      await page.goto(ASIDE)
      await use({ context, aside: page, state })
      await context.close()
    },
    { scope: 'worker' },
  ],
  context: async ({ home: { context, aside, state } }, use) => {
    await putBack(aside, state)
    await use(context)
    for (const page of context.pages()) if (page !== aside) await page.close()
  },
  page: async ({ context }, use) => {
    await use(await context.newPage())
  },
})
