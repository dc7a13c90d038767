/** All that this room says, by the part that says it. */

export const batch = {
  chooseTwoJobs: 'Choose two jobs or more.',
  noMachineNo: (job: string) => `“${job}” has no machine or no stock yet: choose them in Measure.`,
  otherStock: (job: string, own: string | undefined, wanted: string) =>
    `“${job}” is cut from ${own ?? 'no stock yet'}, not from ${wanted}.`,
  otherMachine: (job: string, own: string | undefined, wanted: string) =>
    `“${job}” is cut on ${own ?? 'no machine yet'}, not on ${wanted}.`,
  wantsAnotherFit: (job: string, other: string) =>
    `“${job}” wants another fit than “${other}”: make them the same in Shape.`,
  wantedMoreTimes: (thing: string, mostCopies: number) =>
    `“${thing}” is wanted more than ${mostCopies} times, the most for one thing.`,
  togetherCutToo: 'Together they are cut from too many stocks. Leave one out.',
  togetherMakeThings: (count: number, mostThings: number) =>
    `Together they make ${count} things; ${mostThings} are the most.`,
}

export const follow = {
  wordSmallLetters: 'is a word of small letters and digits',
}

export const totals = {
  drawingsJobPoints: (points: number, mostJobPoints: number) =>
    `the drawings of this job have ${points} points together, and at most ${mostJobPoints} can be kept: ` +
    'make curves simpler, or take a drawing out',
  picturesJobToo: 'the pictures of this job are too large together: read one in smaller, or take one out',
}

export const verdicts = {
  revision: (job: string, number: number) => `${job}, revision ${number}`,
}
