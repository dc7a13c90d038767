/** All that this room says, by the part that shows it. */

export const art = {
  fileTakesToo: 'This file takes too long to read. Simplify the drawing.',
  fileCannotRead: 'This file cannot be read here. Simplify the drawing, and try again.',
}

export const artWorker = {
  partReadsDrawings: 'The part that reads drawings did not load. Reload the page.',
}

export const laserWorker = {
  noLaserConnected: 'No laser is connected. Connect one first.',
}

export const plannerClient = {
  planningBackgroundEnded: 'The planning in the background had ended; it was started again.',
  planningBackgroundCannot:
    'The planning in the background cannot be started. Small jobs are planned on the page itself; reload ' +
    'it for larger ones.',
  jobTooLarge: 'the job is too large for the page’s own thread. Reload the page',
}
