/** At the latest, where nothing is painted: a page in the background, milliseconds. */
const LATEST = 100

/** Does something once the page has been painted, or shortly where nothing is. @returns how to call it off */
export function oncePainted(act: () => void): () => void {
  let timer = setTimeout(act, LATEST)
  const frame = requestAnimationFrame(() => {
    clearTimeout(timer)
    timer = setTimeout(act)
  })
  return () => {
    cancelAnimationFrame(frame)
    clearTimeout(timer)
  }
}
