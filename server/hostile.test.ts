import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import express from 'express'
import { newMachine } from '../core/machine'
import { laserRoutes } from './laser'
import type { LaserSetup } from '../core/rehearse'

let server: Server
let port = 0
beforeAll(async () => {
  const app = express()
  app.use('/laser', laserRoutes())
  await new Promise<void>((resolve) => (server = app.listen(0, '127.0.0.1', () => resolve())))
  port = (server.address() as AddressInfo).port
})
afterAll(() => new Promise<void>((resolve) => void server.close(() => resolve())))

interface Answer {
  status: number
  body: string
  /** Bytes that were sent before it answered. */
  sent: number
}

/** Sends a body piece by piece, until it is answered. */
function ask(
  method: string,
  path: string,
  headers: Record<string, string>,
  pieces: Iterable<string>,
): Promise<Answer> {
  return new Promise((resolve) => {
    let [sent, isOver] = [0, false]
    const going = request({ port, host: '127.0.0.1', method, path, headers }, (response) => {
      let body = ''
      response.on('data', (chunk: Buffer) => (body += chunk.toString()))
      const done = (): void => {
        isOver = true
        resolve({ status: response.statusCode ?? 0, body, sent })
      }
      response.on('end', done)
      response.on('error', done)
    })
    going.on('error', () => resolve({ status: 0, body: '', sent }))
    const send = async (): Promise<void> => {
      for (const piece of pieces) {
        if (isOver) break
        sent += piece.length
        if (!going.write(piece))
          await new Promise((drained) => going.once('drain', drained).once('close', drained))
      }
      going.end()
    }
    void send()
  })
}
function* megabytes(count: number): Generator<string> {
  for (let i = 0; i < count; i++) yield 'G1 X1 F60\n'.repeat(100_000)
}
const ours = { 'x-uplands-laser': 'nobody', 'content-type': 'text/plain' }

describe('who may not speak', () => {
  test('is told so before what they send is read: watching is asking, and nothing else', async () => {
    const { status, body } = await ask(
      'POST',
      '/laser/stream',
      { 'content-type': 'text/plain' },
      megabytes(1),
    )
    expect([status, body]).toEqual([403, expect.stringContaining('answers to Uplands only')])
  })
  test('a program of who does not hold the laser is not taken in', async () => {
    const before = process.memoryUsage().arrayBuffers
    const { status } = await ask('PUT', '/laser/program', ours, megabytes(1))
    expect(status).toBe(409)
    expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(8_000_000)
  })
})

test('a long program is read while others are answered', async () => {
  const { watts, maxSpeed, travelSpeed, acceleration, origin, code } = newMachine('m', 'Laser')
  const setup: LaserSetup = {
    seed: 1,
    like: 'mine',
    family: 'plywood',
    machine: { watts, maxSpeed, travelSpeed, acceleration, origin, code },
    kerf: { x: 0.16, y: 0.16, doubt: 0.02 },
    through: 0.9,
    sheet: { width: 600, height: 400, number: 0 },
    thickness: { mean: 3, doubt: 0.05 },
  }
  const json = { 'x-uplands-laser': '', 'content-type': 'application/json' }
  const connected = await ask('POST', '/laser/connect', json, [JSON.stringify({ setup, times: 1 })])
  if (connected.status !== 200) throw new Error(connected.body)
  const { token } = JSON.parse(connected.body) as { token: string }
  const held = { 'x-uplands-laser': token, 'content-type': 'text/plain' }
  const answered: string[] = []
  const program = ask('PUT', '/laser/program', held, megabytes(4)).then(({ status }) =>
    answered.push(`program ${status}`),
  )
  await new Promise((resolve) => setTimeout(resolve, 20))
  for (let i = 0; i < 3; i++) answered.push(`state ${(await ask('GET', '/laser/state', held, [])).status}`)
  await program
  expect(answered.slice(0, 3)).toEqual(['state 200', 'state 200', 'state 200'])
  expect(answered).toContain('program 200')
})
