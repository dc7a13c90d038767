import axe from 'axe-core'
import type { Download, Locator, Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

export const STATIONS = ['measure', 'shape', 'layout', 'tune', 'cut', 'build', 'log'] as const

export const demoFile = (name: string): string =>
  fileURLToPath(new URL(`../demo/${name}.json`, import.meta.url))

export const DEMOS = [
  'demo-tray',
  'demo-logger',
  'demo-slip',
  'demo-rack',
  'demo-instrument',
  'demo-core-cabinet',
  'demo-drawer-set',
  'demo-bottle-stand',
  'demo-field-book',
  'demo-crate',
  'demo-vial-rack',
  'demo-planter',
  'demo-map-desk',
  'demo-weather-hut',
] as const
export type DemoId = (typeof DEMOS)[number]

export async function openDemo(
  page: Page,
  id: DemoId,
  station: (typeof STATIONS)[number] = 'measure',
): Promise<void> {
  await page.goto(`./#/job/${id}/${station}`)
  await settled(page)
}

/** Waits until layout and plan are worked out and everything is stored. */
export async function settled(page: Page): Promise<void> {
  await page.getByText('up to date').waitFor({ timeout: 20_000 })
  await page
    .getByTestId('saving')
    .and(page.getByText('saved', { exact: true }))
    .waitFor({ timeout: 20_000 })
}

/** Begins a job of the kind that is chosen at first, the plain box, and goes to Measure. */
export async function newJob(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Make it' }).click()
  await goTo(page, 'Measure')
}

export const goTo = (page: Page, name: string): Promise<void> =>
  page
    .getByRole('navigation', { name: 'Traveller' })
    .getByRole('link', { name: new RegExp(`(^|(ready|to do|look again|stopped|stale) )${name}`) })
    .click()
/** Chooses a thing of the box in Shape: by its line, or among what can be added where it has none yet. */
export async function choose(page: Page, thing: string): Promise<void> {
  await page.locator('[data-thing=add]').waitFor({ state: 'attached' })
  const back = page.getByRole('button', { name: 'All of the box' })
  if (await back.isVisible()) await back.click()
  const line = page.locator(`[data-thing="${thing}"]`)
  if ((await line.count()) > 0) return line.click()
  await page.locator('[data-thing=add]').click()
  const adding = thing.startsWith('fitting-')
    ? `[data-field=${thing.replace('fitting', 'add')}]`
    : `[data-adds=${thing}]`
  await page.locator(adding).click()
}
/** The field of a figure, by its label alone: what its word means stands behind a mark beside it. */
export const field = (page: Page, label: string): Locator =>
  page.getByRole('textbox', { name: label, exact: true })
export const line = (page: Page, station: (typeof STATIONS)[number]): Locator =>
  page.getByTestId(`line-${station}`)
export const contentOf = async (download: Download): Promise<string> =>
  readFileSync(await download.path(), 'utf8')

/** Presses Tab until something has the focus: what a person without a mouse does. */
export async function tabTo(page: Page, target: Locator, most = 150): Promise<void> {
  for (let i = 0; i < most; i++) {
    if (await target.evaluate((element) => element === document.activeElement).catch(() => false)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`Tab did not reach ${target.toString()}`)
}

/** Replaces what is in a field, by keys. */
export async function typeInto(page: Page, target: Locator, text: string): Promise<void> {
  await tabTo(page, target)
  await page.keyboard.press('Control+A')
  await page.keyboard.type(text)
}

/** Less than serious to the engine, and still where a person who does not see the page loses the way. */
const WAYS = /^(heading-order|empty-table-header|page-has-heading-one|region|landmark-)/

/** The engine's rules that see another theme as another page: all others see what stands in the document. */
export const RULES_OF_COLOUR = ['color-contrast', 'link-in-text-block']

/**
 * What axe-core, an accessibility engine, finds that is serious or critical, or loses the way.
 * @param rules those that are asked; all of them by default
 */
export async function axeFindings(page: Page, rules?: string[]): Promise<string[]> {
  await page.evaluate(axe.source)
  const { violations } = await page.evaluate(
    (runOnly) =>
      (globalThis as unknown as { axe: typeof axe }).axe.run(document, {
        resultTypes: ['violations'],
        ...(runOnly ? { runOnly } : {}),
      }),
    rules,
  )
  return violations
    .filter(({ id, impact }) => impact === 'serious' || impact === 'critical' || WAYS.test(id))
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ target }) => target.join(' '))
          .slice(0, 3)
          .join(' | ')}`,
    )
}
