import { afterEach, describe, expect, test } from '@jest/globals'
import { connect as connectTo } from 'node:net'
import type { Server } from 'node:http'
import express from 'express'
import type { LaserSetup, LaserState } from '../core/rehearse'
import { laserRoutes } from './laser'
import { listen } from './listen'

const servers: Server[] = []
let port = 42_300
afterEach(() => {
  for (const server of servers.splice(0)) {
    server.closeAllConnections()
    server.close()
  }
})

const setup: LaserSetup = {
  seed: 3,
  like: 'mine',
  machine: {
    watts: 40,
    maxSpeed: 400,
    travelSpeed: 300,
    acceleration: 1500,
    origin: 'front left',
    code: { scale: 1000, dynamic: true, airOn: 'M8', airOff: 'M9', header: '', footer: '' },
  },
  family: 'plywood',
  sheet: { number: 0, width: 300, height: 200 },
  thickness: { mean: 3, doubt: 0.03 },
  kerf: { x: 0.16, y: 0.16, doubt: 0.01 },
  through: null,
}
const PROGRAM =
  'G21\nG90\nM8\nG0 X10 Y10\nM4 S0\nG1 X60 Y10 F480 S900\nG1 X60 Y60\nG1 X10 Y60\nG1 X10 Y10\nM5\nM2\n'

/** A laser whose clock is ours. */
async function start() {
  const clock = { now: 0 }
  const app = express()
  app.use(
    '/laser',
    laserRoutes(() => clock.now),
  )
  // A port of its own: connections to one that is closed are kept for a while.
  const { server, address } = await listen(app, (port += 25))
  servers.push(server)
  let token = 'none'
  const ask = async (path: string, init: RequestInit = {}, as = token) => {
    const response = await fetch(`${address}laser/${path}`, {
      ...init,
      headers: { 'x-uplands-laser': as, ...init.headers },
    })
    return {
      status: response.status,
      body: (await response.json()) as LaserState & { error?: string; token?: string },
    }
  }
  const json = (body: unknown): RequestInit => ({
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' },
  })
  const text = (body: string): RequestInit => ({
    method: 'PUT',
    body,
    headers: { 'content-type': 'text/plain' },
  })
  const connect = async (as = token, times = 10) => {
    const answer = await ask('connect', json({ setup, times }), as)
    if (answer.body.token) token = answer.body.token
    return answer
  }
  const act = (what: string) => ask('act', json({ act: what }))
  return { clock, address, ask, json, text, connect, act, tokenOf: () => token }
}

describe('a simulated laser over HTTP', () => {
  test('takes a program, runs it so many times as quick, is paused, and gives out what it cut', async () => {
    const { clock, ask, text, connect, act } = await start()
    expect((await connect()).body).toMatchObject({ state: { phase: 'empty' } })
    expect((await ask('program', text(PROGRAM))).body).toMatchObject({ phase: 'ready' })
    expect((await ask('pieces')).status).toBe(409)
    await act('start')
    clock.now += 1000
    expect((await ask('state')).body).toMatchObject({ phase: 'running', seconds: 10, beam: true })
    await act('pause')
    clock.now += 5000
    expect((await ask('state')).body).toMatchObject({ phase: 'paused', seconds: 10, beam: false })
    await act('go on')
    clock.now += 10_000
    expect((await ask('state')).body.phase).toBe('done')
    const { status, body } = await ask('pieces')
    expect(status).toBe(200)
    const { pieces } = body as unknown as { pieces: { readings: { width: number } }[] }
    expect(pieces).toHaveLength(1)
    expect(Math.abs(pieces[0].readings.width - 49.84)).toBeLessThan(0.3)
  })
  test('two windows: the second one waits, until the first one is gone', async () => {
    const { clock, connect, ask, text } = await start()
    await connect()
    expect(await connect('other')).toMatchObject({ status: 409, body: { error: /Another window/ } } as never)
    expect((await ask('program', text(PROGRAM), 'other')).status).toBe(403)
    clock.now += 20_000
    expect((await connect('other')).status).toBe(200)
  })
  test('who does not say that it is Uplands is not heard', async () => {
    const { address, connect } = await start()
    await connect()
    const foreign = await fetch(`${address}laser/act`, { method: 'POST', body: '{"act":"stop"}' })
    expect(foreign.status).toBe(403)
    expect((await fetch(`${address}laser/stream?token=guess`)).status).toBe(403)
  })
  test.each([
    ['a program of nothing', 'program', 400],
    ['figures of no laser', 'connect', 400],
    ['an act that it does not know', 'act', 400],
  ])('%s is refused in a sentence', async (_, path, wanted) => {
    const { ask, json, text, connect } = await start()
    await connect()
    const { status, body } = await ask(path, path === 'program' ? text('  ') : json({ act: 'fly' }))
    expect(status).toBe(wanted)
    expect(body.error).toMatch(/\.$/)
  })
  test('malformed and huge files are refused, and the laser is as it was', async () => {
    const { ask, text, connect, act } = await start()
    await connect()
    await ask('program', text(PROGRAM))
    expect(await ask('program', text('G21\nhello\n'))).toMatchObject({ status: 422 })
    expect((await ask('program', text(`; ${'x'.repeat(43_000_000)}`))).status).toBe(413)
    const broken = await ask('act', {
      method: 'POST',
      body: '{',
      headers: { 'content-type': 'application/json' },
    })
    expect([broken.status, broken.body.error]).toEqual([400, 'That could not be read. Send it again.'])
    expect((await act('start')).body.phase).toBe('running')
  })
  test('a connection that is lost half-way through a program leaves it as it was', async () => {
    const { address, ask, text, connect, act, tokenOf } = await start()
    await connect()
    await ask('program', text(PROGRAM))
    const { port } = new URL(address)
    await new Promise<void>((resolve) => {
      const socket = connectTo(Number(port), '127.0.0.1', () => {
        socket.write(
          `PUT /laser/program HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Type: text/plain\r\n` +
            `x-uplands-laser: ${tokenOf()}\r\nContent-Length: 90000\r\n\r\nG21\nG90\n`,
        )
        setTimeout(() => {
          socket.destroy()
          resolve()
        }, 50)
      })
    })
    expect((await ask('state')).body.phase).toBe('ready')
    expect((await act('start')).body.phase).toBe('running')
  })
  test('its state streams, to who holds it, and to few at once', async () => {
    const { address, ask, text, connect, act, clock, tokenOf } = await start()
    await connect()
    await ask('program', text(PROGRAM))
    await act('start')
    const stop = new AbortController()
    const watch = () => fetch(`${address}laser/stream?token=${tokenOf()}`, { signal: stop.signal })
    const response = await watch()
    expect(response.headers.get('content-type')).toBe('text/event-stream')
    const reader = response.body!.getReader()
    const next = async (): Promise<LaserState> =>
      JSON.parse(new TextDecoder().decode((await reader.read()).value).replace(/^data: /, '')) as LaserState
    expect((await next()).phase).toBe('running')
    clock.now += 500
    expect((await next()).seconds).toBeCloseTo(5, 1)
    for (let i = 0; i < 3; i++) expect((await watch()).status).toBe(200)
    expect((await watch()).status).toBe(429)
    stop.abort()
    // Nobody watches any more: it is free soon.
    await new Promise((resolve) => setTimeout(resolve, 100))
    expect((await connect('other')).status).toBe(409)
    clock.now += 2000
    expect((await connect('other')).status).toBe(200)
  })
})
