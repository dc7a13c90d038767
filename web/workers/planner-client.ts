import type { Answer, PlanRequest, Request } from './protocol'

/** A worker that says nothing for this long while it is asked for something has ended, milliseconds. */
const SILENT = 8_000

/** Parts that the page's own thread plans, when there is no worker to do it. */
const SMALL = 60

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
  private waiting: ReturnType<typeof setTimeout> | undefined
  private asked: PlanRequest | null = null
  private here: Promise<(request: Request) => void> | null = null

  constructor(private readonly listener: Listener) {
    this.start()
  }

  private start(): void {
    this.starts++
    try {
      const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' })
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

  private hear(message: Answer): void {
    const isNews = message.sequence === this.asked?.sequence
    if (isNews && message.kind !== 'progress') this.rest()
    else this.watch()
    this.listener.answer(message)
  }

  private rest(): void {
    clearTimeout(this.waiting)
    this.asked = null
    this.starts = Math.min(this.starts, 1)
  }

  private watch(): void {
    clearTimeout(this.waiting)
    if (this.asked && this.worker) this.waiting = setTimeout(() => this.ended(), SILENT)
  }

  private ended(): void {
    clearTimeout(this.waiting)
    this.worker?.terminate()
    this.worker = null
    if (this.starts < MOST_STARTS) {
      this.start()
      this.listener.trouble('The planning in the background had ended; it was started again.')
    } else {
      this.listener.trouble(
        'The planning in the background cannot be started. Small jobs are planned on the page ' +
          'itself; reload it for larger ones.',
      )
    }
    if (this.asked) this.send(this.asked)
  }

  private send(request: PlanRequest): void {
    this.asked = request
    if (this.worker) {
      this.worker.postMessage(request)
      this.watch()
    } else if (request.job.copies * 6 <= SMALL) {
      this.onPage(request)
    } else {
      this.asked = null
      const message = 'the job is too large for the page’s own thread. Reload the page'
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

  ask(request: Request): void {
    if (request.kind === 'plan') this.send(request)
    else if (this.worker) this.worker.postMessage(request)
    else this.onPage(request)
  }
}
