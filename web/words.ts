/** A figure or a name in a sentence. */
export type Shown = string | number

/** What three parts and more say, or parts of several rooms. */
export const common = {
  keptOrder: (count: Shown, orders: Shown) => `${count} kept for order ${orders}`,
  layingOutSee: 'Laying out, to see what it takes…',
  putThemSame: 'Put them on the same sheets',
  peelFilmOff: 'Peel the film off',
  learnHands: 'Learn with your hands',
  nothingLiesSheet: 'Nothing lies on a sheet yet: lay out first.',
  howFar: 'How far it is',
  measureWithThis: 'Measure with this one',
  fileWritten: (files: Shown) => `${files} written.`,
  allJobs: 'All jobs',
  stock: 'Stock',
  machine: 'Machine',
  fit: 'Fit',
  bringBack: 'Bring back',
  add: 'Add',
  boxes: 'Boxes',
  speed: 'Speed',
  slots: 'Slots',
  close: 'Close',
  name: 'Name',
  undo: 'Undo',
  outside: 'Outside',
  inside: 'Inside',
  as: 'As',
  width: 'Width',
  sheet: 'Sheet',
  howMany: 'How many',
  length: 'Length',
  height: 'Height',
}

export const leaving = {
  anotherTabOlder:
    'Another tab with an older Uplands holds up the storage. Close the other tabs, then reload this one.',
  newerUplandsTaken: 'A newer Uplands has taken over the storage in another tab. Reload this page.',
  browserClearedPage: 'The browser cleared what this page had stored. What is on the screen is stored again.',
  partApplicationCould:
    'A part of the application could not be fetched. Start the server again, then reload; what you made ' +
    'is stored.',
}
