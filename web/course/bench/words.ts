import type { Shown } from '@web/words'

/** All that this room says, by the part that shows it. */

export const dialFace = {
  ringDial: 'Ring of the dial',
  thePointerIs: (shown: Shown) => `the pointer is at ${shown}`,
}

export const flagLine = {
  yourReadings: 'Your readings',
  notSet: 'not set',
}
