import type { Point } from '@core/geometry'

/** Moved by less than this a pointer was only put down, px. */
const STILL = 4

interface Following {
  /** How far the pointer is from where it was put down, in units of the drawing. */
  move: (by: Point) => void
  /** It was lifted after it had moved. What is only put down and lifted is a click, as by Enter. */
  end?: (by: Point) => void
  /** It was taken away by the system, or lifted where it was put down. */
  cancel?: () => void
}

/** Units of the drawing in a pixel of the screen. */
function unitsPerPixel(on: Element): number {
  const drawing = on.closest('svg')
  const width = drawing?.viewBox.baseVal.width
  const shown = drawing?.getBoundingClientRect().width
  return width && shown ? width / shown : 1
}

/** The click that a browser makes of a pointer that is lifted after a way belongs to nobody. */
function swallowClick(): void {
  const swallow = (click: Event): void => click.stopPropagation()
  addEventListener('click', swallow, { capture: true, once: true })
  setTimeout(() => removeEventListener('click', swallow, { capture: true }))
}

/** Follows a pointer from where it is put down until it is lifted. */
export function follow(event: PointerEvent, { move, end, cancel }: Following): void {
  const on = event.currentTarget as Element
  if (event.button !== 0) return
  event.preventDefault()
  ;(on as SVGElement).focus({ preventScroll: true })
  on.setPointerCapture(event.pointerId)
  const units = unitsPerPixel(on)
  const by = (now: PointerEvent): Point => ({
    x: (now.clientX - event.clientX) * units,
    y: (now.clientY - event.clientY) * units,
  })
  const moving = (now: Event): void => move(by(now as PointerEvent))
  const ending = (now: Event): void => {
    const at = now as PointerEvent
    on.removeEventListener('pointermove', moving)
    on.removeEventListener('pointerup', ending)
    on.removeEventListener('pointercancel', ending)
    const far = Math.hypot(at.clientX - event.clientX, at.clientY - event.clientY)
    if (at.type !== 'pointerup' || far < STILL) return cancel?.()
    swallowClick()
    end?.(by(at))
  }
  on.addEventListener('pointermove', moving)
  on.addEventListener('pointerup', ending)
  on.addEventListener('pointercancel', ending)
}

/** Which way an arrow key goes, y upward; null for any other key. */
export function arrowOf({ key }: KeyboardEvent): Point | null {
  switch (key) {
    case 'ArrowLeft':
      return { x: -1, y: 0 }
    case 'ArrowRight':
      return { x: 1, y: 0 }
    case 'ArrowUp':
      return { x: 0, y: 1 }
    case 'ArrowDown':
      return { x: 0, y: -1 }
    default:
      return null
  }
}
