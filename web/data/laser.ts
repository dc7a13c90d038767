import { z } from 'zod'
import type { LaserAct, LaserPiece, LaserSetup, LaserState } from '@core/rehearse'
import { laser as words } from './words'

const keptSchema = z.object({ token: z.string().max(80), work: z.string().max(200) })
function asJson(text: string | null): unknown {
  try {
    return JSON.parse(text ?? 'null')
  } catch {
    return null
  }
}

/** What asking a laser came to: what it said, or one sentence why not. */
export type Answer<T> = { ok: true; value: T } | { ok: false; error: string; lost: boolean }

const LOST = words.simulatedLaserNot
/** How long an answer may take, ms. */
const PATIENCE = 20_000

/** A simulated laser, wherever it runs. */
export interface LaserLink {
  /** @param times how much quicker than a real one it runs */
  connect: (setup: LaserSetup, times: number) => Promise<Answer<LaserState>>
  send: (program: string) => Promise<Answer<LaserState>>
  act: (act: LaserAct) => Promise<Answer<LaserState>>
  pieces: () => Promise<Answer<{ pieces: LaserPiece[] }>>
  /** Tells every state as it comes. */
  watch: (told: (state: LaserState) => void, lost: () => void) => void
  leave: () => void
  release: () => void
  end: () => void
}

/** Where a window keeps what it holds, so that it has it again after a reload. */
const KEPT = 'uplands-laser'

/** A simulated laser served beside the application. */
export class LaserClient implements LaserLink {
  private token = 'none'
  private stream: EventSource | null = null

  /** @param work what the laser is held for: a job and a load of it */
  constructor(private readonly work: string) {}

  private async ask<T>(path: string, init: RequestInit = {}): Promise<Answer<T>> {
    try {
      const response = await fetch(new URL(`laser/${path}`, document.baseURI), {
        ...init,
        headers: { 'x-uplands-laser': this.token, ...init.headers },
        signal: AbortSignal.timeout(PATIENCE),
      })
      const isOurs = response.headers.get('content-type')?.includes('json') ?? false
      if (!isOurs) return { ok: false, error: LOST, lost: true }
      const body = (await response.json()) as T & { error?: string }
      if (response.ok) return { ok: true, value: body }
      return { ok: false, error: body.error ?? LOST, lost: false }
    } catch {
      return { ok: false, error: LOST, lost: true }
    }
  }
  private readonly posted = (body: unknown): RequestInit => ({
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' },
  })

  async connect(setup: LaserSetup, times: number): Promise<Answer<LaserState>> {
    const answer = await this.ask<{ token: string; state: LaserState }>(
      'connect',
      this.posted({ setup, times }),
    )
    if (!answer.ok) return answer
    this.token = answer.value.token
    sessionStorage.setItem(KEPT, JSON.stringify({ token: this.token, work: this.work }))
    return { ok: true, value: answer.value.state }
  }
  /** Takes the laser up again that this window held for the same work; null where it held none. */
  async resume(): Promise<LaserState | null> {
    const kept = keptSchema.safeParse(asJson(sessionStorage.getItem(KEPT)))
    if (!kept.success || kept.data.work !== this.work) return null
    this.token = kept.data.token
    const answer = await this.ask<LaserState>('state')
    return answer.ok ? answer.value : null
  }
  send = (program: string): Promise<Answer<LaserState>> =>
    this.ask('program', { method: 'PUT', body: program, headers: { 'content-type': 'text/plain' } })
  act = (act: LaserAct): Promise<Answer<LaserState>> => this.ask('act', this.posted({ act }))
  pieces = (): Promise<Answer<{ pieces: LaserPiece[] }>> => this.ask('pieces')

  /** Tells every state as it comes; the browser takes a lost connection up again by itself. */
  watch(told: (state: LaserState) => void, lost: () => void): void {
    this.leave()
    const address = new URL(`laser/stream?token=${this.token}`, document.baseURI)
    this.stream = new EventSource(address)
    this.stream.onmessage = ({ data }: MessageEvent<string>): void => told(JSON.parse(data) as LaserState)
    this.stream.onerror = lost
  }
  leave(): void {
    this.stream?.close()
    this.stream = null
  }
  /** Lets it go for good: what it made was taken out. */
  release(): void {
    this.leave()
    sessionStorage.removeItem(KEPT)
  }
  end(): void {
    this.leave()
  }
}
