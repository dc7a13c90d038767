/**
 * A short fingerprint of any JSON value: the same value always gives the same one. FNV-1a twice with
 * different seeds; not for secrets. [PUB: RFC draft-eastlake-fnv]
 */
export function signatureOf(value: unknown): string {
  const text = JSON.stringify(value)
  let [a, b] = [0x811c9dc5, 0x9747b28c]
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    a = Math.imul(a ^ code, 0x01000193)
    b = Math.imul(b ^ (code + i), 0x01000193)
  }
  return (a >>> 0).toString(16).padStart(8, '0') + (b >>> 0).toString(16).padStart(8, '0')
}
