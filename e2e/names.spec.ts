import { expect, test, type Page } from './fixtures'
import { openDemo, STATIONS } from './helpers'

/** Fields of the page that are called alike in one group: who hears them cannot tell which is which. */
const alike = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const textOf = (id: string | null): string => (id && document.getElementById(id)?.textContent) || ''
    const nameOf = (field: HTMLInputElement): string =>
      field.getAttribute('aria-label') ||
      textOf(field.getAttribute('aria-labelledby')) ||
      [...(field.labels?.[0]?.childNodes ?? [])]
        .filter((part) => part !== field)
        .map(({ textContent }) => textContent)
        .join(' ')
    const groupOf = (field: Element): string => {
      const group = field.closest('[role=group], fieldset, section')
      return (
        group?.getAttribute('aria-label') ||
        textOf(group?.getAttribute('aria-labelledby') ?? null) ||
        group?.querySelector('legend')?.textContent ||
        ''
      )
    }
    const fields = document.querySelectorAll<HTMLInputElement>(
      'main input:not([type=file]), main select, main textarea, main [role=switch]',
    )
    const names = [...fields]
      .filter((field) => field.getClientRects().length > 0)
      .map((field) => `${groupOf(field)}: ${nameOf(field)}`.replace(/\s+/g, ' ').trim())
    return names.filter((name, i) => names.indexOf(name) !== i)
  })

test('no two fields of one name in a group, on any station', async ({ page }) => {
  for (const demo of ['demo-logger', 'demo-core-cabinet'] as const)
    for (const station of STATIONS) {
      await openDemo(page, demo, station)
      await expect(page.getByRole('main').locator('button, input').first()).toBeVisible()
      expect(await alike(page), `${demo}, ${station}`).toEqual([])
    }
})
