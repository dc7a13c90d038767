const isPlain = (value: unknown): boolean => typeof value !== 'object' || value === null

/**
 * A value as JSON that people can read: an entry a line, and lists of figures on one line, or a drawing of
 * some thousand points would be as many lines.
 */
export function textOf(value: unknown, indent = ''): string {
  if (isPlain(value)) return JSON.stringify(value)
  const inner = `${indent}  `
  if (Array.isArray(value)) {
    if (value.every(isPlain)) return JSON.stringify(value)
    return `[\n${value.map((each) => inner + textOf(each, inner)).join(',\n')}\n${indent}]`
  }
  const entries = Object.entries(value as object).filter(([, each]) => each !== undefined)
  if (entries.length === 0) return '{}'
  const lines = entries.map(([key, each]) => `${inner}${JSON.stringify(key)}: ${textOf(each, inner)}`)
  return `{\n${lines.join(',\n')}\n${indent}}`
}

/** A list of a file, an entry a line, as its name and its entries’ own texts. */
export const listText = (name: string, texts: string[]): string => `"${name}": [\n${texts.join(',\n')}\n]`
