const INNER = 'input, select, textarea, button, summary, [tabindex="0"], a[href]'

function fieldOf(id: string): HTMLElement | null {
  const holder = document.querySelector<HTMLElement>(`[data-field="${id}"]`)
  return holder?.matches(INNER) ? holder : (holder?.querySelector<HTMLElement>(INNER) ?? null)
}

export const isDrawn = (id: string): boolean => fieldOf(id) !== null

/**
 * Waits for a field to be drawn, and puts the focus into it.
 * @param behind what must be set first for it to be there, the nearest first: shown instead while it is not
 */
export async function focusField(id: string, behind: string[] = []): Promise<void> {
  for (let i = 0; i < 120; i++) {
    const [field] = [id, ...(i >= 8 ? behind : [])].flatMap((each) => fieldOf(each) ?? [])
    if (field) {
      const folded = field.closest('details')
      if (folded && !field.matches('summary')) folded.open = true
      field.scrollIntoView({ block: 'center' })
      field.focus()
      return
    }
    await new Promise((resolve) => setTimeout(resolve, 25))
  }
}
