import type { Pinia } from 'pinia'
import { onStorage } from '@web/data/db'
import { useMessages } from '@web/stores/messages'

/** What the browser says of its storage. */
export function watchStorage(pinia: Pinia): void {
  const messages = useMessages(pinia)
  const SAYS = {
    'held up':
      'Another tab with an older Uplands holds up the storage. Close the other tabs, then reload this one.',
    newer: 'A newer Uplands has taken over the storage in another tab. Reload this page.',
    lost: 'The browser cleared what this page had stored. What is on the screen is stored again.',
    'memory only': '',
  }
  onStorage((notice) => {
    if (SAYS[notice]) messages.say('look', SAYS[notice])
  })

  addEventListener('vite:preloadError', () => {
    messages.say(
      'stop',
      'A part of the application could not be fetched. Start the server again, then reload; what ' +
        'you made is stored.',
    )
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
