import { readFileSync } from 'node:fs'
import { basename } from 'node:path'
import type { Plugin } from 'vite'

const TAKEN = /(import \{ (\w+) as words \} from ')([^']*words)'/g
const QUERY = /^(.*words)(?:\.ts)?\?part=(\w+)$/

/** One part of a file of words, with what it imports and takes of others. @param file its name */
export function partOf(code: string, part: string, file = 'words'): string {
  const imports = code.match(/^import [^;]*? from '[^']+'$/gm) ?? []
  const own = new RegExp(`^export const ${part} = \\{\\n[\\s\\S]*?^\\}$`, 'm').exec(code)?.[0]
  if (own === undefined) throw new Error(`No part of these words is called “${part}”.`)
  const others = [...code.matchAll(/^export const (\w+) = \{$/gm)]
    .map(([, name]) => name)
    .filter((name) => name !== part && new RegExp(`\\b${name}\\.\\w`).test(own))
    .map((name) => `import { ${name} } from './${file}?part=${name}'`)
  return [...imports, ...others, own].join('\n')
}

/**
 * What a room says stands in one file, and travels with the part that says it: in what is built each part
 * is a module of its own, so that a page does not wait for the words of another.
 */
export const wordsByPart = (): Plugin => ({
  name: 'words-by-part',
  enforce: 'pre',
  transform: (code, id) =>
    /\.(ts|vue)$/.test(id) && code.match(TAKEN) ? code.replace(TAKEN, "$1$3?part=$2'") : null,
  async resolveId(source, importer) {
    const [, path, part] = QUERY.exec(source) ?? []
    if (path === undefined) return null
    const file = await this.resolve(path, importer?.replace(/\?.*$/, ''))
    return file && `${file.id}?part=${part}`
  },
  load(id) {
    const [, path, part] = QUERY.exec(id) ?? []
    if (path === undefined) return null
    this.addWatchFile(`${path}.ts`)
    return { code: partOf(readFileSync(`${path}.ts`, 'utf8'), part, basename(path)), moduleType: 'ts' }
  },
})
