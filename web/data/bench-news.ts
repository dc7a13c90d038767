import type { BENCH_STORES } from './db'

export type Shelf = (typeof BENCH_STORES)[number]

/** What one tab writes onto a shelf of the bench is told to the others. */
const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel('uplands-bench') : null

export const tell = (shelf: Shelf): void => channel?.postMessage(shelf)

/** Calls back when another tab wrote onto a shelf. */
export function onBenchNews(listen: (shelf: Shelf) => void): void {
  channel?.addEventListener('message', ({ data }: MessageEvent<Shelf>) => listen(data))
}
