import type { Pinia } from 'pinia'
import { onStorage } from '@web/data/db'
import { useMessages } from '@web/stores/messages'
import { leaving as words } from './words'

/** What the browser says of its storage. */
export function watchStorage(pinia: Pinia): void {
  const messages = useMessages(pinia)
  const SAYS = {
    'held up': words.anotherTabOlder,
    newer: words.newerUplandsTaken,
    lost: words.browserClearedPage,
    'memory only': '',
  }
  onStorage((notice) => {
    if (SAYS[notice]) messages.say('look', SAYS[notice])
  })

  addEventListener('vite:preloadError', () => {
    messages.say('stop', words.partApplicationCould)
  })
}

/** The job on the screen, as far as leaving concerns it. */
interface Kept {
  job: object | null
  save: () => Promise<void>
  isUnsaved: () => boolean
}
let isWatched = false

/** What is done when the page is left, from the first job on that is opened. */
export function saveOnLeaving(jobs: Kept): void {
  if (isWatched) return
  isWatched = true
  // Whatever is not yet on its way goes now: a page that is hidden may never come back.
  const flush = (): void => void jobs.save()
  addEventListener('pagehide', flush)
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') flush()
  })
  addEventListener('beforeunload', (event) => {
    if (jobs.job && jobs.isUnsaved()) event.preventDefault()
  })
}
