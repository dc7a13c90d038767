import { expect, test } from '@jest/globals'
import { readdirSync, readFileSync } from 'node:fs'
import { LESSON_IDS } from './outline'
import { LESSON_OF_CHECK } from './why'

const SAY = new URL('../say/', import.meta.url)
/** Everything that checks say, as it is written. */
const checks = readdirSync(SAY)
  .filter((file) => /checks|preflight|questions/.test(file) && !file.includes('.test.'))
  .map((file) => readFileSync(new URL(file, SAY), 'utf8'))
  .join('\n')

test.each(Object.entries(LESSON_OF_CHECK))(
  'the check “%s” is one that is made, and %s a lesson',
  (check, lesson) => {
    expect(checks).toMatch(new RegExp(`\\b(ok|look|stop|check)\\(\\s*'${check}'`))
    expect(LESSON_IDS).toContain(lesson)
  },
)
