/** What the focus can be on. */
const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), ' +
  'summary, [tabindex="0"]'

/** A page of its own begins here: what stands in one has nothing to do with what stood there before. */
const PAGE = 'main, #app, body'

/** What an element stood between, and in. */
interface Place {
  element: Element
  parent: Element
  next: Element | null
  previous: Element | null
}

function placesOf(focused: Element): Place[] {
  const places: Place[] = []
  let element = focused
  while (element.parentElement && !element.parentElement.matches(PAGE)) {
    const { parentElement: parent, nextElementSibling: next, previousElementSibling: previous } = element
    places.push({ element, parent, next, previous })
    element = parent
  }
  return places
}

/** What an element does, by the first word of its name: “Delete” of “Delete Crate”. */
const verbOf = (element: Element): string =>
  (element.getAttribute('aria-label') ?? element.textContent).trim().split(' ')[0]

/** The like of what had the focus, or the first thing that can have it. */
function entryOf(within: Element, like: Element): HTMLElement | null {
  const all = [within, ...within.querySelectorAll(FOCUSABLE)].filter(
    (each): each is HTMLElement =>
      each instanceof HTMLElement && each.matches(FOCUSABLE) && each.checkVisibility(),
  )
  return all.find((each) => verbOf(each) === verbOf(like)) ?? all[0] ?? null
}

/** Where the focus goes from what is there no more; null where that was a page of its own. */
function afterRemoval(places: Place[]): HTMLElement | null {
  const like = places[0]?.element
  const gone = places.findIndex(({ element, parent }) => !element.isConnected && parent.isConnected)
  for (const { next, previous, parent } of gone < 0 ? [] : places.slice(gone))
    for (const near of [next, previous, parent]) {
      const entry = near?.isConnected ? entryOf(near, like) : null
      if (entry) return entry
    }
  return null
}

/**
 * What has the focus may be deleted with its row: then the next thing in its place has it, or the one before.
 * Without that it would be lost, and the way by keys begin anew at the top of the page.
 */
export function keepFocus(page: Document): void {
  let held: { element: Element; places: Place[] } | null = null
  page.addEventListener('focusin', ({ target }) => {
    held = target instanceof Element ? { element: target, places: placesOf(target) } : null
  })
  new MutationObserver(() => {
    if (!held || held.element.isConnected || page.activeElement !== page.body) return
    const { places } = held
    held = null
    afterRemoval(places)?.focus()
  }).observe(page.body, { childList: true, subtree: true })
}
