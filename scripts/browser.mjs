// The headless Chromium that pictures and figures are taken with, and the built application served to it.
import { chromium } from '@playwright/test'

export const launch = () =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--use-angle=swiftshader',
      '--enable-unsafe-swiftshader',
    ],
  })

/** Waits until a job's page has worked everything out. */
export async function openJob(page, address, job, station) {
  await page.goto(`${address}#/job/${job}/${station}`)
  await page.getByText('up to date').waitFor()
  await page.waitForTimeout(400) // one more frame for the drawing in space
}
