import { isSameRecord } from '@core/limits'
import { readShelf } from '@web/data/bench'
import { BENCH_STORES } from '@web/data/db'
import type { BenchSide } from '@web/data/folder-bench'
import type { Shelf } from '@web/data/unreadable'
import { useBench } from './bench'
import type { AnyRecord } from './bench-shelves'

const nameOf = (record: AnyRecord): string =>
  'name' in record ? record.name : 'what' in record ? record.what : record.id

/** As it is stored, be it on the screen yet or not; in one order, so that the same is the same text. */
async function stored(shelf: Shelf): Promise<AnyRecord[]> {
  const { records } = await readShelf<AnyRecord>(shelf)
  return records.sort((a, b) => (a.id < b.id ? -1 : 1))
}

/** The bench of this browser, for a folder that is kept in step with it. */
export function benchSide(): BenchSide {
  const bench = useBench()
  async function text(): Promise<string> {
    const { writeEverything } = await import('@web/data/kept-files')
    const shelves = await Promise.all(
      BENCH_STORES.map(async (shelf) => [shelf, await stored(shelf)] as const),
    )
    return writeEverything(
      { jobs: [], records: [], photos: [], bench: Object.fromEntries(shelves) as never },
      '',
    )[0]
  }
  async function take(theirs: string, keepOurs: boolean): ReturnType<BenchSide['take']> {
    const { readEverything } = await import('@web/data/kept-files')
    const read = readEverything(theirs)
    if (!read.ok) return { refused: read.error, differs: [] }
    const differs: string[] = []
    for (const shelf of BENCH_STORES) {
      const ours = await stored(shelf)
      for (const record of read.everything.bench[shelf] as AnyRecord[]) {
        const own = ours.find(({ id }) => id === record.id)
        if (own && isSameRecord(own, record)) continue
        if (own && keepOurs) differs.push(nameOf(own))
        else bench.put(shelf, record as never)
      }
    }
    return { refused: null, differs }
  }
  return { text, take }
}
