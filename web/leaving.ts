import type { Pinia } from 'pinia'
import { onStorage } from '@web/data/db'
import { useJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'

/** What the browser says of its storage, and what is done when the page is left. */
export function watchStorage(pinia: Pinia): void {
  const jobs = useJob(pinia)
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
