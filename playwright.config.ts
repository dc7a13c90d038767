import { defineConfig } from '@playwright/test'

const PORT = 4321
const PLAIN = [
  '--no-sandbox',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--process-per-site', // the next page finds the scripts compiled
]
/** Drawing in space by software takes as much time as all the rest: only tests that look at it have it. */
const SPACE = ['--use-angle=swiftshader', '--enable-unsafe-swiftshader']
const launch = (...args: string[]) => ({
  launchOptions: { executablePath: '/usr/bin/chromium', args: [...PLAIN, ...args] },
})

/** Debian's Chromium, headless. Serves the built application as npm run demo does. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  workers: 2,
  retries: process.env.CI ? 1 : 0, // the check names what passed at the second try only
  fullyParallel: true,
  timeout: 180_000,
  expect: { timeout: 20_000 }, // two at a time on two cores, and the builder may be busy with more
  reporter: process.env.UPLANDS_REPORT
    ? [['line'], ['json', { outputFile: process.env.UPLANDS_REPORT }]]
    : 'line',
  use: {
    baseURL: `http://127.0.0.1:${PORT}/`,
    viewport: { width: 1280, height: 800 },
    acceptDownloads: true,
    // each would fetch the whole application for itself; offline.spec.ts allows its own
    serviceWorkers: 'block',
  },
  projects: [
    { name: 'state', testMatch: 'state.setup.ts', use: launch('--disable-gpu', '--disable-3d-apis') },
    { name: 'space', dependencies: ['state'], grep: /@space/, use: launch(...SPACE) },
    {
      name: 'page',
      dependencies: ['state'],
      grepInvert: /@space/,
      use: launch('--disable-gpu', '--disable-3d-apis'),
    },
  ],
  webServer: {
    command: `node --import tsx server/index.ts --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: !process.env.CI,
  },
})
