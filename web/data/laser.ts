import type { LaserAct, LaserPiece, LaserSetup, LaserState } from '@core/rehearse'

/** What asking a laser came to: what it said, or one sentence why not. */
export type Answer<T> = { ok: true; value: T } | { ok: false; error: string; lost: boolean }

const LOST = 'The simulated laser does not answer. It is there where Uplands was started with npm run demo.'
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
  end: () => void
}

/** A simulated laser served beside the application. */
export class LaserClient implements LaserLink {
  private token = 'none'
  private stream: EventSource | null = null

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
  private readonly asJson = (body: unknown): RequestInit => ({
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' },
  })

  async connect(setup: LaserSetup, times: number): Promise<Answer<LaserState>> {
    const answer = await this.ask<{ token: string; state: LaserState }>(
      'connect',
      this.asJson({ setup, times }),
    )
    if (!answer.ok) return answer
    this.token = answer.value.token
    return { ok: true, value: answer.value.state }
  }
  send = (program: string): Promise<Answer<LaserState>> =>
    this.ask('program', { method: 'PUT', body: program, headers: { 'content-type': 'text/plain' } })
  act = (act: LaserAct): Promise<Answer<LaserState>> => this.ask('act', this.asJson({ act }))
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
  end(): void {
    this.leave()
  }
}
