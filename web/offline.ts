/**
 * Keeps the application in the browser, so that it opens without a server. The worker is made when it is
 * built.
 */
export function installOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  addEventListener('load', () => {
    navigator.serviceWorker.register('./sw.js', { scope: './' }).catch(() => undefined) // it works without
  })
}
