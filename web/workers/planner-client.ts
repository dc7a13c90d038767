import { Lanes } from './lanes'
import type { Answer, PlanRequest, Request } from './protocol'
import { plannerClient as words } from './words'

/**
 * A worker that says nothing for so many looks while it is asked for something has ended. It says that it
 * lives between its steps; where the machine is busy, or asleep, the page's looks come later as well.
 */
const SILENT_LOOKS = 30
const LOOK_EVERY = 1_000

/** Parts that the page's own thread plans, when there is no worker to do it. */
const SMALL = 60

/** Workers that search beside each other: one core is left to the page where there are enough. */
const MOST_LANES = 4
const lanesHere = (): number => {
  const cores = globalThis.navigator?.hardwareConcurrency ?? 2
  return Math.min(MOST_LANES, Math.max(2, cores - 1))
}

/** How long the others are waited for when one of them has ended, milliseconds. */
const PATIENCE = 3_000

const STOP: Request = { kind: 'stop layout' }

/** How often a worker is started again before it is done without. */
const MOST_STARTS = 2

export interface Listener {
  answer: (message: Answer) => void
  /** Said when the worker ended or could not be loaded. */
  trouble: (sentence: string) => void
}

/**
 * The way to the planner: a worker, which is started again when it ends; the page's own thread, for small
 * jobs, when none can be had.
 */
export class PlannerClient {
  private worker: Worker | null = null
  private starts = 0
  private looking: ReturnType<typeof setInterval> | undefined
  private asked: PlanRequest | null = null
  /** Those that search beside the worker, while a search goes on. */
  private helpers: Worker[] = []
  private lanes: Lanes | null = null
  private ending: ReturnType<typeof setTimeout> | undefined
  /** The search that was handed on before all of its workers had ended: what they say later is too late. */
  private handed = 0
  private here: Promise<(request: Request) => void> | null = null
  /** What finds out what would save a sheet: it is started when that is first asked for. */
  private sheetSaver: Promise<{ ask: (request: Request) => void }> | null = null

  constructor(private readonly listener: Listener) {
    this.start()
  }

  private make(): Worker {
    return new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' })
  }

  private start(): void {
    this.starts++
    try {
      const worker = this.make()
      worker.onmessage = ({ data }: MessageEvent<Answer>) => this.hear(data)
      worker.onerror = (event) => {
        event.preventDefault()
        if (worker === this.worker) this.ended()
      }
      this.worker = worker
    } catch {
      this.worker = null
    }
  }

  /** Starts the helpers of a search; where none can be had the worker searches alone. */
  private fanOut(request: PlanRequest): PlanRequest {
    this.foldIn()
    const of = lanesHere()
    const lanes = new Lanes(of)
    try {
      for (let at = 1; at < of; at++) {
        const helper = this.make()
        this.helpers.push(helper)
        helper.onmessage = ({ data }: MessageEvent<Answer>) => this.hear(data, at, lanes)
        helper.onerror = (event) => {
          event.preventDefault()
          this.hear({ kind: 'failed', sequence: request.sequence, message: 'a helper ended' }, at, lanes)
        }
        helper.postMessage({ ...request, lane: { at, of } })
      }
    } catch {
      this.foldIn()
      return request
    }
    this.lanes = lanes
    return { ...request, lane: { at: 0, of } }
  }

  private foldIn(): void {
    clearTimeout(this.ending)
    for (const helper of this.helpers) helper.terminate()
    this.helpers = []
    this.lanes = null
  }

  /** Hands on what the best of them found; when one has ended the others are told to. */
  private merge(message: Answer, lane: number): Answer | null {
    const lanes = this.lanes!
    const wasEnding = lanes.isEnding
    const merged = lanes.hear(lane, message)
    if (lanes.isEnding && !wasEnding) {
      this.stop()
      this.ending = setTimeout(() => {
        const best = lanes.best()
        if (!best || this.lanes !== lanes) return
        this.handed = best.sequence
        this.hand(best)
      }, PATIENCE)
    }
    return merged
  }

  private hear(message: Answer, lane = 0, lanes = this.lanes): void {
    if (lanes !== this.lanes || message.sequence !== this.asked?.sequence) {
      if (lane === 0 && message.sequence !== this.handed) this.listener.answer(message)
      return
    }
    const merged = lanes ? this.merge(message, lane) : message
    if (lane === 0) this.watch()
    if (merged) this.hand(merged)
  }

  private stop(): void {
    for (const worker of [this.worker, ...this.helpers]) worker?.postMessage(STOP)
  }

  private hand(message: Answer): void {
    const isNews = message.sequence === this.asked?.sequence
    if (isNews && message.kind !== 'progress' && message.kind !== 'alive') this.rest()
    this.listener.answer(message)
  }

  private rest(): void {
    clearInterval(this.looking)
    this.foldIn()
    this.asked = null
    this.starts = Math.min(this.starts, 1)
  }

  private watch(): void {
    clearInterval(this.looking)
    if (!this.asked || !this.worker) return
    let looks = 0
    this.looking = setInterval(() => {
      if (++looks >= SILENT_LOOKS) this.ended()
    }, LOOK_EVERY)
  }

  private ended(): void {
    clearInterval(this.looking)
    this.foldIn()
    this.worker?.terminate()
    this.worker = null
    if (this.starts < MOST_STARTS) {
      this.start()
      this.listener.trouble(words.planningBackgroundEnded)
    } else {
      this.listener.trouble(words.planningBackgroundCannot)
    }
    if (this.asked) this.send(this.asked)
  }

  private send(request: PlanRequest): void {
    this.asked = request
    if (this.worker) {
      this.worker.postMessage(request.layOut === 'search on' ? this.fanOut(request) : request)
      this.watch()
    } else if (request.parts.length <= SMALL) {
      this.onPage(request)
    } else {
      this.asked = null
      const message = words.jobTooLarge
      this.listener.answer({ kind: 'failed', sequence: request.sequence, message })
    }
  }

  /** Plans on the page's own thread; what that needs is fetched when it is. */
  private onPage(request: Request): void {
    this.here ??= import('./planning').then(({ makePlanner }) =>
      makePlanner({ answer: (message) => this.hear(message), breath: 10 }),
    )
    void this.here.then((plan) => plan(request)).catch(() => undefined)
  }

  private help(request: Request): void {
    const answer = (message: Answer): void => this.listener.answer(message)
    this.sheetSaver ??= this.startSheetSaver(answer)
    void this.sheetSaver.then(({ ask }) => ask(request)).catch(() => undefined)
  }

  private async startSheetSaver(answer: (message: Answer) => void) {
    try {
      const worker = new Worker(new URL('./helping.worker.ts', import.meta.url), { type: 'module' })
      worker.onmessage = ({ data }: MessageEvent<Answer>) => answer(data)
      return { ask: (request: Request) => worker.postMessage(request) }
    } catch {
      const { makeHelper } = await import('./helping')
      return { ask: makeHelper({ answer, breath: 10 }) }
    }
  }

  ask(request: Request): void {
    if (request.kind !== 'stop layout') this.foldIn()
    if (request.kind === 'what helps') return this.help(request)
    // Whatever else is asked for ends that.
    if (this.sheetSaver) this.help(STOP)
    if (request.kind === 'plan') this.send(request)
    else if (this.worker) this.stop()
    else this.onPage(request)
  }
}
