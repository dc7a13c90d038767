import { shallowRef } from 'vue'
import type { JobEntry } from '@web/data/job-list'
import type { Unreadable } from '@web/data/unreadable'

/** So many are read in one breath; the page is there between. */
const AT_A_TIME = 5

const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

/** Which of the stored jobs cannot be read: looked for behind the list, each once while it stays as it is. */
export function shelfLook() {
  const unreadable = shallowRef<Unreadable[]>([])
  /** What was found readable, by id: as of which writing. */
  const seen = new Map<string, number>()
  let newest = 0

  /** @param ids of all that is stored as a job, also of what is no entry of a list */
  async function lookOver(entries: JobEntry[], ids: string[]): Promise<void> {
    const own = ++newest
    await breath() // the list is drawn first
    const revisions = new Map(entries.map(({ id, revision }) => [id, revision]))
    const unseen = ids.filter((id) => !seen.has(id) || seen.get(id) !== revisions.get(id))
    const { isUnreadable, loadJob } = await import('@web/data/jobs')
    const found: Unreadable[] = []
    for (let i = 0; i < unseen.length; i++) {
      if (i % AT_A_TIME === AT_A_TIME - 1) await breath()
      const read = await loadJob(unseen[i])
      if (own !== newest) return // listed anew meanwhile
      if (read && isUnreadable(read)) found.push(read)
      else if (read) seen.set(read.id, read.revision)
    }
    unreadable.value = found // anew each time: a page that shows one of them looks again
  }

  return { unreadable, lookOver }
}
