import { common, type Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const countPage = {
  boxes: (number: number) => counted(number, 'box', 'boxes'),
  nothingComesOut: 'nothing comes out yet',
  noBoxComplete: 'no box is complete yet',
  thenComplete: (complete: Shown) => `then ${complete} complete`,
  partsThen: (parts: number, then: Shown) => `${counted(parts, 'part')}, ${then}`,
  backCut: 'Back to Cut',
  countOff: 'Count it off',
  nothingLiesSheet: common.nothingLiesSheet,
  howFar: common.howFar,
  ofComplete: (complete: Shown, box: Shown) => `${complete} of ${box} complete`,
  layoutChangedSince: 'The layout has changed since you counted: this begins again.',
  cutFirstFirst: (first: Shown) =>
    `Cut ${first} first: a first box is complete then, and you see how it fits before the rest is cut.`,
  cutAgain: (spoilt: Shown) => `To cut again: ${spoilt}.`,
  cutThemAgain: 'Cut them again, in Build',
  loads: 'Loads',
  isCut: (load: Shown) => `${load} is cut`,
  notCutAfter: 'Not cut after all',
  itIsCut: 'It is cut',
  pressSpoiltPress: 'Press what was spoilt; press it again once it is recut',
}
