import { afterEach, expect, test } from '@jest/globals'
import { mkdtempSync, writeFileSync } from 'node:fs'
import type { Server } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { makeApp } from './app'
import { listen } from './listen'

const folder = mkdtempSync(join(tmpdir(), 'uplands-served-'))
writeFileSync(join(folder, 'index.html'), '<!doctype html><title>served</title>')
const servers: Server[] = []
afterEach(() => {
  for (const server of servers.splice(0)) server.close()
})

async function start(port: number): Promise<string> {
  const { server, address } = await listen(makeApp(folder), port)
  servers.push(server)
  return address
}

test('serves the application on loopback with strict headers', async () => {
  const response = await fetch(await start(41730))
  expect(await response.text()).toContain('served')
  const policy = response.headers.get('content-security-policy')!
  expect(policy).toContain("default-src 'self'")
  expect(policy).toContain("script-src 'self';")
  expect(response.headers.get('x-content-type-options')).toBe('nosniff')
  expect(response.headers.get('x-powered-by')).toBeNull()
})
test('takes the next free port when one is taken', async () => {
  const first = await start(41760)
  const second = await start(41760)
  expect(first).toBe('http://127.0.0.1:41760/')
  expect(second).toBe('http://127.0.0.1:41761/')
})
test('what is not there is said in a sentence, and nothing outside the folder is served', async () => {
  const address = await start(41790)
  const response = await fetch(`${address}../package.json`)
  expect(response.status).toBe(404)
  expect(await response.text()).toContain('nothing here')
})
