import { defineConfig } from '@playwright/test'

const PORT = 4321

/** Debian's Chromium, headless; WebGL by software. Serves the built application as npm run demo does. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  workers: 2,
  fullyParallel: true,
  timeout: 90_000,
  expect: { timeout: 20_000 }, // drawing in space by software is slow when both cores are taken
  reporter: process.env.UPLANDS_REPORT
    ? [['line'], ['json', { outputFile: process.env.UPLANDS_REPORT }]]
    : 'line',
  use: {
    baseURL: `http://127.0.0.1:${PORT}/`,
    viewport: { width: 1280, height: 800 },
    acceptDownloads: true,
    // each would fetch the whole application for itself; offline.spec.ts allows its own
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--use-angle=swiftshader',
        '--enable-unsafe-swiftshader',
      ],
    },
  },
  webServer: {
    command: `node --import tsx server/index.ts --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: !process.env.CI,
  },
})
