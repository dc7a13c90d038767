/** Puts the focus into the first field that says it cannot be read. @returns whether there is one */
export function focusInvalid({ target }: Event): boolean {
  const wrong = (target as HTMLElement).querySelector<HTMLElement>('[aria-invalid="true"]')
  wrong?.focus()
  return wrong !== null
}
