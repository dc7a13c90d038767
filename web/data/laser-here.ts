import type { LaserAct, LaserAnswer, LaserAsk, LaserPiece, LaserSetup, LaserState } from '@core/rehearse'
import type { Answer, LaserLink } from './laser'

type Said = Extract<LaserAnswer, { id: number }>

/** A simulated laser in a worker of this page: where no server is there to run one. */
export class LaserHere implements LaserLink {
  private readonly worker = new Worker(new URL('../workers/laser.worker.ts', import.meta.url), {
    type: 'module',
  })
  private readonly waiting = new Map<number, (said: Said) => void>()
  private told: ((state: LaserState) => void) | null = null
  private next = 0

  constructor() {
    this.worker.onmessage = ({ data }: MessageEvent<LaserAnswer>): void => {
      if (data.id === null) return this.told?.(data.state)
      this.waiting.get(data.id)?.(data)
      this.waiting.delete(data.id)
    }
  }

  private ask(what: LaserAsk): Promise<Said> {
    const id = this.next++
    return new Promise((resolve) => {
      this.waiting.set(id, resolve)
      this.worker.postMessage({ ...what, id })
    })
  }
  private async state(what: LaserAsk): Promise<Answer<LaserState>> {
    const said = await this.ask(what)
    return said.ok ? { ok: true, value: said.state } : { ok: false, error: said.error, lost: false }
  }
  connect = (setup: LaserSetup, times: number): Promise<Answer<LaserState>> =>
    this.state({ ask: 'connect', setup, times })
  send = (text: string): Promise<Answer<LaserState>> => this.state({ ask: 'program', text })
  act = (act: LaserAct): Promise<Answer<LaserState>> => this.state({ ask: 'act', act })
  async pieces(): Promise<Answer<{ pieces: LaserPiece[] }>> {
    const said = await this.ask({ ask: 'pieces' })
    if (!said.ok) return { ok: false, error: said.error, lost: false }
    return { ok: true, value: { pieces: said.pieces ?? [] } }
  }
  watch(told: (state: LaserState) => void): void {
    this.told = told
  }
  leave(): void {
    this.told = null
  }
  release(): void {
    this.leave()
  }
  end(): void {
    this.worker.terminate()
  }
}
