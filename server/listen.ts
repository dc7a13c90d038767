import type { Server } from 'node:http'
import type { Express } from 'express'

/** A request must be in by then, ms. */
const LONGEST = 30_000

/** Ports tried after the first one, when it is taken. */
const TRIES = 20

const listenOn = (app: Express, port: number): Promise<Server> =>
  new Promise((resolve, reject) => {
    const server = app.listen(port, '127.0.0.1', (error?: Error) => (error ? reject(error) : resolve(server)))
    // What never ends coming in is dropped.
    server.requestTimeout = LONGEST
  })

/**
 * Listens on loopback only, on the first free port from `first` on.
 * @throws when all of them are taken, or for another reason
 */
export async function listen(app: Express, first: number): Promise<{ server: Server; address: string }> {
  for (let port = first; ; port++) {
    try {
      return { server: await listenOn(app, port), address: `http://127.0.0.1:${port}/` }
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE' || port >= first + TRIES) throw error
    }
  }
}
