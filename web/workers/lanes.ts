import { isBetterLayout } from '@core/derive'
import type { Answer } from './protocol'

type Progress = Extract<Answer, { kind: 'progress' }>
type Planned = Extract<Answer, { kind: 'planned' }>

/** Searches beside each other, each in rounds of its own: of what they find the best is handed on. */
export class Lanes {
  private readonly progress = new Map<number, Progress>()
  private readonly ended = new Map<number, Planned | null>()

  constructor(private readonly count: number) {}

  /** Whether one has come to its end, so that the others should. */
  get isEnding(): boolean {
    return this.best() !== null
  }

  /** What is handed on for what one of them says; null while there is nothing to hand on. */
  hear(lane: number, answer: Answer): Answer | null {
    switch (answer.kind) {
      case 'progress': {
        this.progress.set(lane, answer)
        const all = [...this.progress.values()]
        const round = all.reduce((sum, each) => sum + (each.round === 0 ? 0 : each.done), 0)
        return {
          ...all.reduce((a, b) => (isBetter(b.score, a.score) ? b : a)),
          sequence: answer.sequence,
          round,
        }
      }
      case 'planned':
        return this.end(lane, answer)
      case 'failed':
        return this.end(lane, null) ?? (this.ended.size === this.count ? answer : null)
      default:
        return answer
    }
  }

  private end(lane: number, planned: Planned | null): Planned | null {
    this.ended.set(lane, planned)
    return this.ended.size === this.count ? this.best() : null
  }

  /** The best of those that have ended, the first of equal ones. */
  best(): Planned | null {
    const all = [...this.ended].sort(([a], [b]) => a - b).flatMap(([, planned]) => planned ?? [])
    if (all.length === 0) return null
    return all.reduce((a, b) => (isBetter(b.search?.after ?? null, a.search?.after ?? null) ? b : a))
  }
}

type Score = Progress['score']
const isBetter = (a: Score, b: Score): boolean => a !== null && (b === null || isBetterLayout(a, b))
