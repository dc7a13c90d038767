import { parse } from '@vue/compiler-sfc'
import { readFileSync } from 'node:fs'
import ts from 'typescript'

/** Something that is shown: where it is written, and how it reads; figures and names are “…”. */
export interface Sentence {
  file: string
  line: number
  text: string
  /** It stands in the markup of a page. */
  isMarkup?: boolean
}

const GAP = '…'
/** As it is read: `{name}` is where a marked word stands. */
const tidy = (text: string): string =>
  text
    .replace(/\{\w+\}/g, GAP)
    .replace(/\s+/g, ' ')
    .trim()

/** Words, not a class list, a path or a key: at least two of them, and letters. */
const isWords = (text: string): boolean =>
  /[a-z]{2,} [a-z…“]|[A-Z][a-z]+ [a-z…]|… [a-z]{3,}/.test(text) &&
  !/^[a-z-]+:|[{}<>=]|var\(--|\.(ts|vue|json)$/.test(text)

/** Static attributes that a person reads or hears. */
const READ = ['label', 'title', 'aria-label', 'placeholder', 'alt', 'empty', 'meaning']

type Node = NonNullable<
  NonNullable<ReturnType<typeof parse>['descriptor']['template']>['ast']
>['children'][number]

/** What stands in one element, run together with what is in the words of a sentence. */
function inTemplate(nodes: readonly Node[], file: string, found: Sentence[]): void {
  let run = ''
  let line = 0
  const end = (): void => {
    if (isWords(tidy(run))) found.push({ file, line, text: tidy(run), isMarkup: true })
    run = ''
  }
  for (const node of nodes) {
    if (node.type === 2) {
      if (run === '') line = node.loc.start.line
      run += node.content
    } else if (node.type === 5) {
      if (run === '') line = node.loc.start.line
      run += GAP
    } else if (node.type === 1) {
      const isInline = ['strong', 'em', 'span', 'RouterLink', 'a'].includes(node.tag)
      if (!isInline) end()
      for (const prop of node.props)
        if (prop.type === 6 && prop.value && READ.includes(prop.name) && isWords(prop.value.content))
          found.push({ file, line: prop.loc.start.line, text: prop.value.content, isMarkup: true })
      inTemplate(node.children, file, found)
      if (isInline) run += GAP
    }
  }
  end()
}

/** The words of an expression where it is one text: literals, templates, and sums of both. */
function textOf(node: ts.Expression): string | null {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text
  if (ts.isTemplateExpression(node))
    return node.head.text + node.templateSpans.map(({ literal }) => GAP + literal.text).join('')
  if (ts.isParenthesizedExpression(node)) return textOf(node.expression)
  if (!ts.isBinaryExpression(node) || node.operatorToken.kind !== ts.SyntaxKind.PlusToken) return null
  const [left, right] = [textOf(node.left), textOf(node.right)]
  return left === null && right === null ? null : (left ?? GAP) + (right ?? GAP)
}

function inScript(code: string, file: string, from: number, found: Sentence[]): void {
  const source = ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true)
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return
    const text = ts.isExpression(node) ? textOf(node) : null
    if (text === null) {
      ts.forEachChild(node, visit)
      return
    }
    const { line } = source.getLineAndCharacterOfPosition(node.getStart())
    if (isWords(tidy(text))) found.push({ file, line: line + from, text: tidy(text) })
  }
  visit(source)
}

/** Every sentence and label that a file shows. */
export function sentencesIn(file: string): Sentence[] {
  const code = readFileSync(file, 'utf8')
  const found: Sentence[] = []
  if (!file.endsWith('.vue')) inScript(code, file, 1, found)
  else {
    const { descriptor } = parse(code, { filename: file })
    const script = descriptor.scriptSetup ?? descriptor.script
    if (script) inScript(script.content, file, script.loc.start.line, found)
    if (descriptor.template?.ast) inTemplate(descriptor.template.ast.children, file, found)
  }
  return found
}
