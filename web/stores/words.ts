import type { Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const batch = {
  cutTogetherOthers: (batch: Shown, reason: Shown) => `Cut together with others in “${batch}”. ${reason}`,
}

export const bench = {
  cannotKept: (error: Shown) => `This cannot be kept: ${error}.`,
}

export const benchFigures = {
  doneMachine: 'what was done to the machine',
  theMachine: 'the machine',
  theStock: 'the stock',
  theKerf: 'the kerf',
  believedFit: 'what is believed of the fit',
}

export const benchShelves = {
  benchCouldNot:
    'The bench could not be stored: the browser has no room left or forbids it. What is on the screen is ' +
    'kept and tried again with the next change; export your job to be safe.',
}

export const folder = {
  cannotWrittenNow: (name: Shown) => `“${name}” cannot be written to now. Everything is stored here as well.`,
}

export const job = {
  anotherTabChanged:
    'Another tab changed this job at the same time. Yours is kept; Undo brings the other one back.',
  lastChangesNot: (name: Shown) =>
    `The last changes of “${name}” are not stored. They are kept while this page is open: go back to it, ` +
    'and export it.',
}

export const keepable = {
  notKnownHere: (figure: Shown) => `${figure} is not known here`,
  cannotKept: (refusal: Shown) => `This cannot be kept: ${refusal}.`,
}

export const machineEdits = {
  laser: (machines: Shown) => `Laser ${machines}`,
}

export const mockUps = {
  jobMockUp: 'The job of this mock-up is not in this browser any more.',
  hasItNow: (job: Shown, said: Shown) => `“${job}” has it now: ${said}.`,
}

export const planner = {
  planCouldNot: (message: Shown) =>
    `The plan could not be worked out: ${message}. Undo the last change, or export the job and report it.`,
}

export const shelf = {
  browserNotStore:
    'The browser does not store anything here (no room left, or private mode). You can work, but export ' +
    'each job before you close the page.',
  notImported: (file: Shown, refused: Shown) => `“${file}” was not imported. ${refused}`,
  isDeleted: (entry: Shown) => `“${entry}” is deleted.`,
  isMended: (record: Shown, mended: Shown) => `“${record}” is mended: ${mended}.`,
}

export const shelfFiles = {
  jobsCameOthers: (coming: Shown, jobs: Shown) =>
    `${coming} of ${jobs} jobs came in; the others were here already. The bench is complete.`,
  largerMb: (everythingLimit: Shown) => `It is larger than ${everythingLimit} MB.`,
  largerTooLarge: (size: Shown) =>
    `It is larger than ${size}, too large for a job. Choose a file that Uplands exported.`,
}

export const stockEdits = {
  sheetsBelongStock: 'Sheets belong to a stock: choose or add one in Measure first.',
}
