import type { ArtRead } from '@core/art'
import type { LoadPlan } from '@core/derive'
import type { Compared } from '@core/files'
import type { Machine } from '@core/machine'
import { art as words } from './words'

/** What is asked of the worker that reads files of others. */
export type ArtRequest =
  | { kind: 'read'; name: string; text: string }
  | {
      kind: 'compare'
      files: { name: string; text: string }[]
      load: LoadPlan
      machine: Pick<Machine, 'origin' | 'code'>
    }
export type ArtAnswer = ArtRead | Compared

/** After so long a file is given up, ms. */
const PATIENCE = 30_000

/** Asks a worker of its own, which is gone afterwards, whatever the file did to it. */
function ask<T extends ArtAnswer>(request: ArtRequest): Promise<T | { ok: false; error: string }> {
  return new Promise((resolve) => {
    const worker = new Worker(new URL('./art.worker.ts', import.meta.url), { type: 'module' })
    const done = (answer: T | { ok: false; error: string }): void => {
      clearTimeout(timer)
      worker.terminate()
      resolve(answer)
    }
    const timer = setTimeout(() => done({ ok: false, error: words.fileTakesToo }), PATIENCE)
    worker.addEventListener('message', ({ data }: MessageEvent<T>) => done(data))
    worker.addEventListener('error', () => done({ ok: false, error: words.fileCannotRead }))
    worker.postMessage(request)
  })
}

/** Reads artwork, away from the page. */
export const readArt = (name: string, text: string): Promise<ArtRead> =>
  ask<ArtRead>({ kind: 'read', name, text })

/** Holds files against the plan of a load, away from the page. */
export const compareArt = (
  request: Omit<Extract<ArtRequest, { kind: 'compare' }>, 'kind'>,
): Promise<Compared> => ask<Compared>({ kind: 'compare', ...request })
