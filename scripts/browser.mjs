// The headless Chromium that pictures and figures are taken with, and the built application served to it.
import { chromium } from '@playwright/test'

/** @param space whether it draws in space, by software; without it the work of the page alone is seen */
export const launch = (space = true) =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      ...(space
        ? ['--use-angle=swiftshader', '--enable-unsafe-swiftshader']
        : ['--disable-gpu', '--disable-3d-apis']),
    ],
  })

/** Waits until a job's page has worked everything out. */
export async function openJob(page, address, job, station) {
  await page.goto('about:blank') // or what is up to date may still be the page before
  await page.goto(`${address}#/job/${job}/${station}`)
  await page.getByText('up to date').waitFor()
  await page.waitForTimeout(400) // one more frame for the drawing in space
}
