import { onBeforeUnmount, onMounted } from 'vue'

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['TEXTAREA', 'SELECT'].includes(target.tagName) ||
    (target instanceof HTMLInputElement &&
      !['checkbox', 'radio', 'range', 'color', 'button'].includes(target.type)))

export interface Shortcuts {
  undo: () => void
  redo: () => void
  help: () => void
  find: () => void
  station: (index: number) => void
}

/** Keys that work on every station. Plain keys only where nobody is typing. */
export function useShortcuts(actions: Shortcuts): void {
  function onKey(event: KeyboardEvent): void {
    const key = event.key.toLowerCase()
    if ((event.ctrlKey || event.metaKey) && key === 'z') {
      event.preventDefault()
      if (event.shiftKey) actions.redo()
      else actions.undo()
      return
    }
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
    if (/^[1-7]$/.test(key)) actions.station(Number(key) - 1)
    else if (key === '?') actions.help()
    else if (key === '/') {
      event.preventDefault()
      actions.find()
    }
  }
  onMounted(() => addEventListener('keydown', onKey))
  onBeforeUnmount(() => removeEventListener('keydown', onKey))
}
