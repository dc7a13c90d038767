import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import ts from 'typescript'
import { shownFiles } from './reading-ease'

/** The parts of a file of words, with the names of what each says; tables (in capitals) are taken whole. */
function partsOf(file: string): Map<string, string[]> {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const parts = new Map<string, string[]>()
  for (const statement of source.statements)
    if (ts.isVariableStatement(statement))
      for (const { name, initializer } of statement.declarationList.declarations)
        if (
          initializer &&
          ts.isObjectLiteralExpression(initializer) &&
          ts.isIdentifier(name) &&
          /^[a-z]/.test(name.text)
        )
          parts.set(
            name.text,
            initializer.properties.flatMap((each) => (each.name ? [each.name.getText()] : [])),
          )
  return parts
}

/** Who takes a part of a file of words, and what it calls that; the file may use it itself. */
function takersOf(file: string, part: string): { code: string; as: string }[] {
  const files =
    part === 'common' ? shownFiles() : readdirSync(dirname(file)).map((name) => join(dirname(file), name))
  return files
    .filter((each) => /(?<!\.test)\.(ts|vue)$/.test(each))
    .flatMap((each) => {
      const code = readFileSync(each, 'utf8')
      const as = new RegExp(`import \\{[^}]*\\b${part}\\b(?: as (\\w+))?[^}]*\\} from '[^']*words'`).exec(
        code,
      )
      return as || each === file ? [{ code, as: as?.[1] ?? part }] : []
    })
}

/** What a file of words says to nobody: `part.name`. */
export const unsaidIn = (file: string): string[] =>
  [...partsOf(file)].flatMap(([part, names]) => {
    const takers = takersOf(file, part)
    const isTaken = (name: string): boolean =>
      takers.some(({ code, as }) => new RegExp(`\\b${as}(\\.${name}\\b|\\[)`).test(code))
    return names.filter((name) => !isTaken(name)).map((name) => `${file}: ${part}.${name}`)
  })

/** Entries of a file of words that are a piece of a sentence: `, load 2`, `It is open. `. */
export const piecesIn = (file: string): string[] =>
  [
    ...readFileSync(file, 'utf8').matchAll(
      /^ {2}(\w+): (?:\([^)]*\) =>\s+)?(['`])([\s\S]*?)\2,\n(?= {2}\w|\})/gm,
    ),
  ]
    .filter(([, , , text]) => /^[\s,;]|\s$/.test(text))
    .map(([, name, , text]) => `${file}: ${name} “${text}”`)
