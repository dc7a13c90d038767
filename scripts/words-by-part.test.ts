import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { shownFiles } from './testing/reading-ease'
import { partOf } from './words-by-part'

const CODE = `import { counted } from '@core/length'

export const rest = {
  left: (pieces: number) => \`\${counted(pieces, 'piece')} left\`,
}

export const board = {
  left: rest.left,
  close: 'Close',
}
`

describe('a part of a file of words', () => {
  test('comes with what it takes, and without the others', () => {
    expect(partOf(CODE, 'rest')).toContain("import { counted } from '@core/length'")
    expect(partOf(CODE, 'rest')).not.toContain('Close')
  })
  test('asks another part for what it takes of it', () => {
    const part = partOf(CODE, 'board')
    expect(part).toContain("import { rest } from './words?part=rest'")
    expect(part.match(/export const/g)).toHaveLength(1)
  })
  test('that is not there is refused by name', () => {
    expect(() => partOf(CODE, 'shelf')).toThrow('“shelf”')
  })
  test('holds all that it says, for every part of every room', () => {
    const files = shownFiles().filter((file) => file.endsWith('words.ts'))
    let parts = 0
    for (const file of files) {
      const code = readFileSync(file, 'utf8')
      for (const [, name, body] of code.matchAll(/^export const ([a-z]\w*) = \{\n([\s\S]*?)^\}$/gm)) {
        expect(partOf(code, name)).toContain(body)
        parts++
      }
    }
    expect(parts).toBeGreaterThan(200)
  })
})
