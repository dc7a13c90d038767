import type { Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const printHead = {
  mark: 'Mark',
  writtenBeforeLast: (mark: Shown, last: Shown) => `${mark}; ${last} was written before the last change`,
  thickness: 'Thickness',
  kerf: 'Kerf',
  perSide: (width: Shown, perSide: Shown) => `${width}, ${perSide} per side`,
  copies: 'Copies',
  noneChosen: 'none chosen',
  setting: 'Setting',
  interference: (word: Shown, interference: Shown) => `${word}, interference ${interference}`,
  cutFar: 'Cut so far',
  times: (log: number) => counted(log, 'time'),
  printed: 'Printed',
  whatWasBuilt: 'What was built from what',
}

export const recordPick = {
  written: (mark: Shown, date: Shown) => `${mark}, written ${date}`,
}

export const thingTabs = {
  thingBefore: 'The thing before',
  thingOf: (at: Shown, things: Shown) => `Thing ${at} of ${things}`,
  nextThing: 'The next thing',
  thingsJob: 'Things of this job',
  remove: (thing: Shown) => `Remove ${thing}`,
}
