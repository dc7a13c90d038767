import { existsSync, mkdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'

/** Makes a folder step by step: asked for all at once, Node.js tries for ever where a system makes none. */
function makeFolder(path: string): void {
  if (existsSync(path)) {
    if (!statSync(path).isDirectory()) throw new Error(`${path} is no folder`)
    return
  }
  const above = dirname(path)
  if (above !== path) makeFolder(above)
  mkdirSync(path)
}

/** Writes files into a folder, all of them or none: each gets its name once the last is written. */
export function writeAll(
  out: string,
  files: { name: string; content: string | Uint8Array }[],
): { ok: true } | { ok: false; why: string } {
  const written: string[] = []
  const partOf = (name: string): string => join(out, `${name}.part`)
  try {
    makeFolder(resolve(out))
    for (const { name, content } of files) {
      written.push(partOf(name))
      writeFileSync(partOf(name), content)
      if (existsSync(join(out, name)) && statSync(join(out, name)).isDirectory())
        throw new Error(`${join(out, name)} is a folder`)
    }
    for (const { name } of files) renameSync(partOf(name), join(out, name))
    return { ok: true }
  } catch (error) {
    for (const part of written) rmSync(part, { force: true })
    return { ok: false, why: (error as Error).message }
  }
}
