import { randomUUID } from 'node:crypto'
import { setImmediate } from 'node:timers/promises'
import express, {
  Router,
  type ErrorRequestHandler,
  type Request,
  type RequestHandler,
  type Response,
} from 'express'
import { z } from 'zod'
import { LASER_ACTS, laserSetupSchema, SimulatedLaser } from '../core/rehearse'

/** A program larger than this is refused while it still comes in. */
const LARGEST = '16mb'
/** Watchers at once, and how often they are told, ms. */
const MOST_WATCHERS = 4
const TOLD_EVERY = 200
/** A window that says nothing for so long is gone: another one may connect, ms. */
const GONE_AFTER = 15_000
/** The same once it stopped watching, ms. */
const LEFT_AFTER = 1500
/** How much quicker than a real one it may run. */
const FASTEST = 2000

const connectSchema = z.strictObject({
  setup: laserSetupSchema,
  times: z.number().min(1).max(FASTEST),
})
const actSchema = z.strictObject({ act: z.enum(LASER_ACTS) })

interface Connected {
  token: string
  laser: SimulatedLaser
  times: number
  seen: number
  ticked: number
}

const say = (response: Response, status: number, error: string): void =>
  void response.status(status).json({ error })

const TAKEN = 'Another window works with this laser. Wait until it is done there.'

/** The laser, and the one window that holds it. */
class Hold {
  private connected: Connected | null = null
  private watchers = 0

  constructor(private readonly now: () => number) {}

  /** Lets its time go by. */
  private follow(): SimulatedLaser | null {
    if (!this.connected) return null
    const at = this.now()
    this.connected.laser.tick(((at - this.connected.ticked) / 1000) * this.connected.times)
    this.connected.ticked = at
    return this.connected.laser
  }

  /** The laser for who holds it; the others are told. */
  held(request: Request, response: Response): SimulatedLaser | null {
    if (!this.connected) {
      say(response, 409, 'No laser is connected. Connect one first.')
      return null
    }
    if (request.get('x-uplands-laser') !== this.connected.token) {
      say(response, 403, TAKEN)
      return null
    }
    this.connected.seen = this.now()
    return this.follow()
  }

  connect(request: Request, response: Response): void {
    const read = connectSchema.safeParse(request.body)
    if (!read.success) return say(response, 400, 'These figures describe no laser. Choose one in Measure.')
    const now = this.now()
    const isOther = this.connected && request.get('x-uplands-laser') !== this.connected.token
    if (isOther && now - this.connected!.seen < GONE_AFTER) return say(response, 409, TAKEN)
    const { setup, times } = read.data
    const laser = new SimulatedLaser(setup)
    this.connected = { token: randomUUID(), laser, times, seen: now, ticked: now }
    response.json({ token: this.connected.token, state: laser.state() })
  }

  /** Tells a window how it goes, again and again, until it looks away. */
  watch({ query }: Request, response: Response): void {
    if (query.token !== this.connected?.token) return say(response, 403, TAKEN)
    if (this.watchers >= MOST_WATCHERS) return say(response, 429, 'Too many windows watch it. Close one.')
    this.watchers++
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store, no-transform',
    })
    const tell = (): void => {
      const laser = this.follow()
      if (!this.connected || query.token !== this.connected.token || !laser) return void response.end()
      this.connected.seen = this.now()
      response.write(`data: ${JSON.stringify(laser.state())}\n\n`)
    }
    tell()
    const timer = setInterval(tell, TOLD_EVERY)
    response.on('close', () => {
      clearInterval(timer)
      this.watchers--
      // Who looks away gives it up soon: a closed window never says so.
      if (this.watchers === 0 && this.connected)
        this.connected.seen = Math.min(this.connected.seen, this.now() - GONE_AFTER + LEFT_AFTER)
    })
  }
}

/** Does work step by step, and whatever else there is between: there is one thread. */
async function unhurried<T>(steps: Generator<undefined, T>): Promise<T> {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    await setImmediate()
  }
}

const failed: ErrorRequestHandler = (error: { status?: number }, _request, response, next) => {
  if (response.headersSent) return next(error)
  if (error.status === 413) say(response, 413, 'That is larger than a laser takes. Send it in parts.')
  else say(response, error.status ?? 400, 'That could not be read. Send it again.')
}

/**
 * A simulated laser that takes programs over HTTP as a real one would. One window works with it at a time;
 * who asks must set a header of our own, which no foreign page can.
 * @param now ms
 */
export function laserRoutes(now: () => number = Date.now): Router {
  const hold = new Hold(now)
  const router = Router()
  router.use((request, response, next) => {
    response.set('cache-control', 'no-store')
    // Who watches cannot set a header; nothing is read of what they send.
    const isWatching = request.method === 'GET' && request.path === '/stream'
    if (request.get('x-uplands-laser') !== undefined || isWatching) next()
    else say(response, 403, 'This laser answers to Uplands only.')
  })
  // Who may speak is asked before anything is taken in.
  const holder: RequestHandler = (request, response, next) => {
    if (hold.held(request, response)) next()
  }
  const small = express.json({ limit: '50kb' })
  const program = express.text({ type: 'text/plain', limit: LARGEST })
  router.post('/connect', small, (request, response) => hold.connect(request, response))
  router.put('/program', holder, program, async (request, response) => {
    const laser = hold.held(request, response)
    if (!laser) return
    if (typeof request.body !== 'string' || request.body.trim() === '')
      return say(response, 400, 'That is no program. Send G-code as plain text.')
    const done = await unhurried(laser.loading(request.body))
    if (!done.ok) return say(response, 422, done.error)
    response.json(laser.state())
  })
  router.post('/act', holder, small, (request, response) => {
    const laser = hold.held(request, response)
    if (!laser) return
    const read = actSchema.safeParse(request.body)
    if (!read.success) return say(response, 400, `It knows: ${LASER_ACTS.join(', ')}.`)
    const done = laser.act(read.data.act)
    if (!done.ok) return say(response, 409, done.error)
    response.json(laser.state())
  })
  router.get('/state', (request, response) => {
    const laser = hold.held(request, response)
    if (laser) response.json(laser.state())
  })
  router.get('/pieces', (request, response) => {
    const found = hold.held(request, response)?.pieces()
    if (!found) return
    if (!found.ok) return say(response, 409, found.error)
    response.json({ pieces: found.pieces })
  })
  router.get('/stream', (request, response) => hold.watch(request, response))
  router.use(failed)
  return router
}
