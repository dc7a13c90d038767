import type { Shown } from '@web/words'
import { counted } from '@core/length'

/** All that this room says, by the part that shows it. */

export const batchCard = {
  deletedSince: 'deleted since',
  material: (cost: Shown) => `material ${cost}`,
  revisionLogJob: (number: Shown, count: number) =>
    `Revision ${number} is in the log of ${counted(count, 'job')}.`,
  takeBack: 'Take back',
  jobsCutTogether: 'Jobs that are cut together',
  cutTogether: 'Cut together',
  partArea: (parts: number, share: Shown) => `${counted(parts, 'part')}, ${share} by area`,
  writeRevisionInto: (number: Shown, waiting: number) =>
    `Write revision ${number} into ${counted(waiting, 'job')}`,
  revisionLogEvery: (number: Shown) =>
    `Revision ${number} is in the log of every job, with its share of the minutes.`,
  afterCutEach: 'After the cut, each job gets its share of the minutes in its own log.',
}

export const bendLog = {
  notKnown: 'not known',
  tried: (width: Shown, grain: string, broke: boolean, angle: Shown, shear: Shown) =>
    `links ${width}${grain && ` ${grain} the grain`}: ${broke ? 'broke at' : 'held at'} ${angle}°, shear ${shear}`,
  bendsTried: 'Bends that were tried',
  bendTestPiece:
    'Of the bend test piece, or of a box: which links, how far it was bent, and whether it broke. It is ' +
    'kept with the stock, and moves what Shape says of the next bend.',
  bendsBelongStock: 'Bends belong to a stock: choose one in Measure first.',
  widthLinks: 'Width of its links',
  bentTo: 'Bent to',
  slitsFaceGrain: 'Its slits, to the face grain',
  itHeld: 'It held',
  itBrokeThere: 'It broke there',
  remove: (test: Shown) => `Remove: ${test}`,
}

export const cutCompare = {
  pair: (one: Shown, other: Shown) => `${one} and ${other}`,
  revisionName: (number: Shown) => `Revision ${number}`,
  jobNow: 'The job now',
  besideAnother: 'Beside another one',
  theJobNow: 'the job now',
  holdAgainst: 'Hold it against',
  revision: (number: Shown) => `revision ${number}`,
  whatItDid: 'What it did',
  change: 'Change',
  onlyFiguresCompared: (pair: Shown) => `Only figures can be compared: the files of ${pair} are not kept.`,
  bothSameFigures: 'Both have the same figures.',
  figuresBoth: 'Figures of both',
  figure: 'Figure',
  onlyDiffers: 'Only what differs',
  allFigures: (rows: Shown) => `All ${rows} figures`,
  panelsSameLine: 'The panels are the same, line for line.',
}

export const cutPage = {
  cuts: 'Cuts',
  allCuts: 'All cuts',
  revision: (number: Shown) => `Revision ${number}`,
  logNoRevision: (cut: Shown) => `This log has no revision ${cut}.`,
  layoutChangedSince:
    'The layout changed since this was cut: take what it used off the bench by hand, or undo the change ' +
    'first.',
}

export const cutRow = {
  measured: (count: Shown) => `${count} measured`,
  allFellFree: 'all fell free',
  someStuck: 'some stuck',
  photos: (photos: number) => counted(photos, 'photo'),
  sheetsStillBench: 'its sheets are still on the bench',
  revision: (number: Shown) => `Revision ${number}`,
  cutOn: (date: Shown, mark: Shown | null) => `${date}${mark ? `, files ${mark}` : ''}`,
  nothingSaidYet: 'Nothing is said of it yet.',
}

export const learningNote = {
  yourSnug: 'your snug',
  theSheet: 'the sheet',
  oddsGoingThrough: (through: Shown) => `odds of going through ${through}`,
  hadOddsOf: (verdict: Shown, odds: Shown) => `“${verdict}” had odds of ${odds}`,
  thingMeasured: (measured: number) => `${counted(measured, 'thing')} measured`,
  notAllCame: (through: boolean, promised: Shown) =>
    `${through ? 'it' : 'not all'} came through, promised with ${promised}`,
  learntMeasureOffers: (figures: Shown) =>
    `Learnt from it: ${figures}. Measure offers it to every job it bears on.`,
  notLearntYet: (figures: Shown, why: Shown) => `Not learnt yet. It moves: ${figures}. Because ${why}.`,
  allElseKnown:
    'From all else that is known, that can hardly be right: measure two squares or one play first.',
  takeBack: 'Take it back',
  learnFromIt: 'Learn from it',
}

export const logStation = {
  noTime: 'no time',
  predicted: (total: Shown, word: Shown) => `${total}, ${word}.`,
  writeDownEach: (predicted: Shown) =>
    'Write down each time it was cut: what was different, how long it took, how it fitted. Predicted ' +
    `now: ${predicted}`,
  cutFrom: 'Cut from',
  cutNow: 'It was cut now',
  jobChangedSince: (mark: Shown) =>
    `The job has changed since ${mark} was written: the log keeps the figures of those files.`,
  nothingWrittenYet:
    'Nothing is written yet. After the first cut press “It was cut now”: the figures of this moment are ' +
    'kept with it.',
  revisions: 'Revisions',
}

export const measuredForm = {
  playTabMeasured: 'Play of a tab, measured',
  itMeasures: 'It measures',
  size: (part: Shown) => `Size: ${part}`,
  play: (joint: Shown) => `Play: ${joint}`,
  playSomeJoint: 'Play of some joint',
  measuredAs: (isPlay: boolean, of: string, figure: Shown, by: string) =>
    `${isPlay ? 'play' : 'size'}${of && ` of ${of}`} ${figure}${by && `, by ${by}`}`,
  measuredCut: 'Measured of this cut',
  whatWasMeasured: 'What was measured',
  readWith: 'With',
  measured: (measured: Shown) => `Measured: ${measured}`,
  removeLast: 'Remove the last',
  playNotchMinus:
    'Play is notch minus tab, both with the same calipers: one measured play says more than any word. ' +
    'Two joints or parts from different places show how the kerf changes over the bed.',
}

export const otherwiseCard = {
  whatToDo: 'What to do otherwise',
  nextTime: 'Next time',
  whatYouWould: 'What you would do otherwise',
  figureChange: 'The figure to change',
  none: 'none',
  changeTo: 'To',
  beginNextRevision: 'Begin the next revision with it',
  boxAlready: 'The box has it so already.',
  boxNow: (now: Shown) => `The box has ${now} now.`,
  reasonGivenNext: 'It is the reason given for the next cut.',
}

export const panelsOver = {
  panelsDashedOver: (dashed: Shown, solid: Shown) =>
    `Panels of ${dashed}, dashed, and of ${solid} over each other`,
  onlyIn: (revision: Shown) => `: only in ${revision}`,
  dashedSolid: (dashed: Shown, solid: Shown) => `Dashed: ${dashed}. Solid: ${solid}.`,
}

export const photoShelf = {
  browserDidNot: 'The browser did not store that: it has no room left, or allows none. Make room, try again.',
  cutKeepsPhotos: (mostPhotos: Shown, files: number) =>
    `A cut keeps ${mostPhotos} photos; ${counted(files, 'picture')} stayed out.`,
  photoRemoved: 'The photo is removed.',
  takeBack: 'Take back',
  photo: (number: Shown) => `Photo ${number}`,
  photosCut: 'Photos of this cut',
  photos: 'Photos',
  seeLarge: (photo: Shown) => `See ${photo} large`,
  photoShows: (number: Shown) => `What photo ${number} shows`,
  whatItShows: 'what it shows',
  removePhoto: (number: Shown) => `Remove photo ${number}`,
  jointHeldAgainst: 'A joint held against the light, scorched edges, the finished box.',
  takingItIn: 'Taking it in…',
  addPhotos: 'Add photos',
  photosAdd: 'Photos to add',
  onePhoto: 'Photo',
  photoCut: 'Photo of this cut',
  takenIn: (taken: Shown) => `Taken in ${taken}`,
}

export const restCard = {
  sheet: (stock: string, number: Shown) => `${stock ? `${stock}, sheet` : 'Sheet'} ${number}`,
  allPieceCorner: (size: Shown, outline: number) =>
    `all in one piece, ${size}, ${counted(outline, 'corner')}`,
  piecesOf: (pieces: Shown, stock: Shown) => `${pieces} of ${stock}`,
  takenOffBench: (pieces: Shown, kept: number) =>
    `Taken off the bench: ${pieces}.${kept > 0 ? ` ${counted(kept, 'piece')} put there.` : ''}`,
  usedLeftOver: 'What it used and left over',
  usedLeft: 'What it used, and what is left',
  offBench: (pieces: Shown, stock: Shown) => `Off the bench: ${pieces} of ${stock}.`,
  leftOver: 'Left over',
  keepNothing: 'keep nothing',
  writtenOnIt: 'Written on it',
  nothingLeftOver: 'Nothing is left over that is worth keeping.',
  takeOffBench: (some: boolean) => `Take it off the bench${some ? ', and put what is left there' : ''}`,
}

export const restPicture = {
  sheetKept: 'The sheet, and what is kept of it',
  theSheet: 'The sheet',
}

export const revisionCard = {
  allFellFree: 'all fell free',
  someStuck: 'some stuck',
  revision: (number: Shown) => `Revision ${number}`,
  cutOn: (date: Shown, mark: Shown | null) => `${date}${mark ? `, files ${mark}` : ''}`,
  removeRevision: (number: Shown) => `Remove revision ${number}`,
  whyDifferent: 'Why this one: what is different, what for',
  minutesTaken: 'Minutes taken',
  howFitted: 'How it fitted',
  whatCameOf: 'What came of it',
  note: 'Note',
}

export const scaledPhoto = {
  notTaken: (file: Shown, why: Shown) => `“${file}” was not taken. ${why}`,
  largerMbChoose: (largest: Shown) => `It is larger than ${largest} MB. Choose a smaller one.`,
  browserCannotRead: 'This browser cannot read it as a picture. Choose a JPEG, PNG or WebP.',
  browserCannotDraw: 'This browser cannot draw it again. Try another browser.',
  holdsTooMuch: 'It holds too much to be kept. Crop it first.',
}

export const stuckFields = {
  partsStuck: (stuck: Shown) => `Which parts stuck${stuck}`,
  passesEnd: 'Passes in the end',
}

export const writtenFiles = {
  outsideInside: (size: Shown, sizesAre: boolean) => `${size} ${sizesAre ? 'outside' : 'inside'}`,
  filesWritten: 'Files that were written',
  cuts: (records: number) => counted(records, 'cut'),
  eachKeptWritten:
    'Each is kept as it was written, with the job as it was then. Extra passes and the log go by it, and ' +
    'it is in the job’s file.',
  writtenCuts: 'Written cuts',
  sheets: (record: number) => counted(record, 'sheet'),
  forgetFiles: (mark: Shown) => `Forget the files ${mark}`,
}
