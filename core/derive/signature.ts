import type { Region } from '../geometry'

const isRegion = (value: object): value is Region => 'outline' in value && 'holes' in value

/** The text of a shape takes longest, and shapes are never changed: it is made once for each. */
const texts = new WeakMap<Region, string>()

/** The same text as `JSON.stringify` makes. */
function textOf(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(textOf).join(',')}]`
  if (typeof value !== 'object' || value === null || !isRegion(value)) return JSON.stringify(value) ?? 'null'
  const known = texts.get(value)
  if (known !== undefined) return known
  const text = JSON.stringify(value)
  texts.set(value, text)
  return text
}

/**
 * A short fingerprint of any JSON value: the same value always gives the same one. FNV-1a twice with
 * different seeds; not for secrets. [PUB: RFC draft-eastlake-fnv]
 */
export function signatureOf(value: unknown): string {
  const text = textOf(value)
  let a = 0x811c9dc5 | 0
  let b = 0x9747b28c | 0
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    a = Math.imul(a ^ code, 0x01000193)
    b = Math.imul(b ^ (code + i), 0x01000193)
  }
  return (a >>> 0).toString(16).padStart(8, '0') + (b >>> 0).toString(16).padStart(8, '0')
}
