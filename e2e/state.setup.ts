import { expect, test } from '@playwright/test'
import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { readState, STATE } from './fixtures'
import { DEMOS, openDemo, type DemoId } from './helpers'

test('the first jobs are laid out once, for all tests', async ({ page }) => {
  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  const { jobs } = (await readState(page)) as unknown as { jobs: { id: DemoId }[] }
  for (const { id } of jobs) await openDemo(page, id, 'tune')
  const state = await readState(page)
  expect(state.workedOut).toHaveLength(10)
  mkdirSync(dirname(STATE), { recursive: true })
  writeFileSync(STATE, JSON.stringify(state))
})
