import { afterEach, expect, test } from '@jest/globals'
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import { request, type IncomingMessage, type Server } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { makeApp } from './app'
import { listen } from './listen'

const folder = mkdtempSync(join(tmpdir(), 'uplands-served-'))
writeFileSync(join(folder, 'index.html'), '<!doctype html><title>served</title>')
mkdirSync(join(folder, 'assets'))
writeFileSync(join(folder, 'assets', 'index-a1B2c3D4.js'), '// served\n'.repeat(500))
writeFileSync(join(folder, 'assets', 'art.worker-a1B2c3D4.js'), '// reads\n')

const servers: Server[] = []
afterEach(() => {
  for (const server of servers.splice(0)) server.close()
})

async function start(port: number): Promise<string> {
  const { server, address } = await listen(makeApp(folder), port)
  servers.push(server)
  return address
}

/** Asks as no browser would: with any path and any host. */
const raw = (address: string, path: string, headers = {}): Promise<IncomingMessage> =>
  new Promise((resolve, reject) => {
    request({ port: new URL(address).port, host: '127.0.0.1', path, headers, agent: false }, (response) => {
      response.resume()
      resolve(response)
    })
      .on('error', reject)
      .end()
  })

test('serves the application on loopback with strict headers', async () => {
  const response = await fetch(await start(41730))
  expect(await response.text()).toContain('served')
  const policy = response.headers.get('content-security-policy')!
  expect(policy).toContain("default-src 'self'")
  expect(policy).toContain("script-src 'self';")
  expect(policy).not.toContain('unsafe')
  expect(response.headers.get('x-content-type-options')).toBe('nosniff')
  expect(response.headers.get('x-powered-by')).toBeNull()
})
test('the worker that reads drawings may run its own program, and the page may not', async () => {
  const address = await start(41745)
  const policyOf = async (path: string): Promise<string> =>
    (await fetch(`${address}${path}`)).headers.get('content-security-policy')!
  expect(await policyOf('assets/art.worker-a1B2c3D4.js')).toContain("script-src 'self' 'wasm-unsafe-eval'")
  expect(await policyOf('assets/index-a1B2c3D4.js')).not.toContain('unsafe')
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
test('answers only to its own names, so that no foreign page can point a name of its own here', async () => {
  const address = await start(41820)
  const { port } = new URL(address)
  for (const host of [`127.0.0.1:${port}`, `localhost:${port}`, `[::1]:${port}`]) {
    expect((await raw(address, '/', { host })).statusCode).toBe(200)
  }
  for (const host of [
    'moor.example',
    `moor.example:${port}`,
    'localhost.moor.example',
    '127.0.0.1.nip.example',
  ]) {
    expect((await raw(address, '/', { host })).statusCode).toBe(421)
  }
})
test.each(['/\\evil.example', '//evil.example', '/%5cevil.example', '/%2fevil.example/', '/assets', '/%'])(
  '%s leads nowhere else',
  async (path) => {
    const response = await raw(await start(41850), path)
    expect(response.statusCode).toBeGreaterThanOrEqual(400)
    expect(response.headers.location).toBeUndefined()
  },
)
test('lets hashed files be kept for ever but not the page', async () => {
  const address = await start(41880)
  const script = await raw(address, '/assets/index-a1B2c3D4.js')
  expect(script.headers['cache-control']).toBe('public, max-age=31536000, immutable')
  expect((await raw(address, '/')).headers['cache-control']).toBe('no-cache')
})
