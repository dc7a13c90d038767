import { logStation, measuredForm, otherwiseCard, revisionCard, stuckFields } from '@web/stations/log/words'
import { at, type FieldEntry } from './field-entry'

const log = at('log')
/** On the page of a cut: where none is in the log yet, Find leads to what puts one there. */
const ofCut = (id: string, label: string, words: string, more: Partial<FieldEntry> = {}): FieldEntry =>
  log(id, label, words, { view: 'cut', behind: 'cut-now', ...more })

/** The fields of Log. */
export const LOG_FIELDS: FieldEntry[] = [
  log('cut-now', logStation.cutNow, 'revision history write down', { term: 'revision' }),
  ofCut('book-rest', 'Take what it used off the bench', 'sheets offcut remnant left over stock keep', {
    behind: 'reason',
    term: 'offcut',
  }),
  ofCut('rest-name', 'What is written on a remnant', 'offcut remnant label', {
    behind: 'reason',
    term: 'offcut',
  }),
  ofCut('reason', 'Why this revision', 'reason changed', { term: 'revision' }),
  ofCut('through', revisionCard.whatCameOf, 'came through free stuck parts'),
  ofCut('passed', stuckFields.passesEnd, 'again twice extra pass', { behind: 'through' }),
  ofCut('measured-what', 'What was measured of a cut', 'joint part size micrometer feelers'),
  ofCut('play', measuredForm.playTabMeasured, 'gap loose tight calipers'),
  ofCut('minutes', revisionCard.minutesTaken, 'time clock how long'),
  ofCut('verdict', revisionCard.howFitted, 'verdict joint tight loose', { term: 'verdict' }),
  ofCut('note', 'Note of a revision', 'remark comment'),
  ofCut('photos', 'Photos of a cut', 'picture camera image snapshot'),
  ofCut('otherwise', otherwiseCard.whatYouWould, 'next time lesson improve'),
  ofCut('otherwise-figure', 'The figure to change next time', 'next revision first edit'),
  ofCut('otherwise-to', 'What to change it to', 'next revision first edit', { behind: 'otherwise-figure' }),
  ofCut('compare', 'Hold a cut against another', 'compare revisions side by side difference what changed'),
]
