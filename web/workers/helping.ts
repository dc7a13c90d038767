import { whatHelps } from '@core/derive'
import { breathe, type Host } from './planning'
import type { Request } from './protocol'

type Asked = Extract<Request, { kind: 'what helps' }>

const NO_STEP = { kind: 'helps', tried: 0, of: 0 } as const

/** Finds what would save a sheet: other sizes are other boxes, which it makes and the planner does not. */
export function makeHelper({ answer, breath }: Host): (request: Request) => void {
  let latest = 0
  let stopped = false

  /** Tries until that is done, stopped, or something else is asked for. */
  async function find({ sequence, job, known }: Asked): Promise<void> {
    const steps = whatHelps(job, known)
    let since = performance.now()
    for (;;) {
      const step = steps.next()
      if (step.done) return answer({ ...NO_STEP, sequence, found: step.value, done: true })
      if (performance.now() - since < breath) continue
      await breathe()
      if (sequence !== latest) return
      const done = stopped
      answer({ kind: 'helps', sequence, ...step.value, done })
      if (done) return
      since = performance.now()
    }
  }

  return (request) => {
    stopped = request.kind === 'stop layout'
    if (request.kind !== 'what helps') return
    const { sequence } = request
    latest = sequence
    find(request).catch((error: Error) => answer({ kind: 'failed', sequence, message: error.message }))
  }
}
