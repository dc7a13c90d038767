import type { FieldEntry } from './field-entry'

/** The fields of Log. */
export const LOG_FIELDS: FieldEntry[] = [
  {
    id: 'cut-now',
    label: 'It was cut now',
    station: 'log',
    words: 'revision history write down',
    term: 'revision',
  },
  {
    id: 'book-rest',
    label: 'Take what it used off the bench',
    station: 'log',
    words: 'sheets offcut remnant left over stock keep',
    term: 'offcut',
    behind: 'cut-now',
  },
  {
    id: 'rest-name',
    label: 'What is written on a remnant',
    station: 'log',
    words: 'offcut remnant label',
    term: 'offcut',
    behind: 'cut-now',
  },
  { id: 'reason', label: 'Why this revision', station: 'log', words: 'reason changed', term: 'revision' },
  { id: 'through', label: 'What came of it', station: 'log', words: 'came through free stuck parts' },
  {
    id: 'passed',
    label: 'Passes in the end',
    station: 'log',
    words: 'again twice extra pass',
    behind: 'through',
  },
  {
    id: 'measured-what',
    label: 'What was measured of a cut',
    station: 'log',
    words: 'joint part size micrometer feelers',
  },
  { id: 'play', label: 'Play of a tab, measured', station: 'log', words: 'gap loose tight calipers' },
  { id: 'minutes', label: 'Minutes taken', station: 'log', words: 'time clock how long' },
  {
    id: 'verdict',
    label: 'How it fitted',
    station: 'log',
    words: 'verdict joint tight loose',
    term: 'verdict',
  },
  { id: 'note', label: 'Note of a revision', station: 'log', words: 'remark comment' },
]
