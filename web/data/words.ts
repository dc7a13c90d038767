import type { Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const db = {
  storageOlderMoment: 'The storage is older than it was a moment ago.',
}

export const folderBench = {
  folderLeft: (benchFile: Shown, refused: Shown) =>
    `“${benchFile}” in the folder was left as it is. ${refused}`,
  benchChangedHere: (records: Shown, otherFile: Shown) =>
    `The bench was changed here and in the folder: ${records} stayed as here. What the folder had is ` +
    `“${otherFile}” there.`,
}

export const folderSync = {
  folderLeft: (file: Shown, error: Shown) => `“${file}” in the folder was left as it is. ${error}`,
}

export const jobs = {
  placeStorageNot: 'Its place in storage does not belong to it.',
}

export const laser = {
  simulatedLaserNot:
    'The simulated laser does not answer. It answers where Uplands was started with npm run demo.',
}

export const picture = {
  pictureCannotRead: 'This picture cannot be read. Save it again as a PNG or a JPEG.',
}

export const unreadable = {
  recordOwnSnug: 'a record of your own snug',
  somethingDoneMachine: 'something done to a machine',
  minutesCut: 'the minutes of a cut',
  checkKerf: 'a check of a kerf',
  promiseCame: 'a promise and what came of it',
  anOrder: 'an order',
}
