/** How a joint feels, from what has to be driven in to what falls apart. */
export const FIT_WORDS = ['forced', 'press', 'snug', 'easy', 'loose'] as const
export type FitWord = (typeof FIT_WORDS)[number]

/**
 * Upper end in mm of the gap per boundary that each word covers; the next word begins there.
 * Order: common practice, no source. Figures: from memory, no source at hand, until one's own verdicts move
 * them.
 */
export const WORD_LIMITS: { word: FitWord; upTo: number }[] = [
  { word: 'forced', upTo: -0.06 },
  { word: 'press', upTo: -0.02 },
  { word: 'snug', upTo: 0.02 },
  { word: 'easy', upTo: 0.08 },
  { word: 'loose', upTo: Infinity },
]

/**
 * The word for a gap per boundary in mm (negative: the parts overlap). A limit itself belongs to the looser
 * word's side of tight: snug holds 0.02.
 */
export const wordFor = (gap: number): FitWord =>
  WORD_LIMITS.find(({ upTo }) => gap < upTo - 1e-9 || (upTo > 0 && gap <= upTo + 1e-9))!.word

/**
 * Fits that can be asked for, with the interference per boundary in mm that aims at the middle of the word's
 * range.
 */
export const WANTED_FITS = [
  { word: 'press', interference: 0.04, says: 'driven in with a mallet, needs no glue' },
  { word: 'snug', interference: 0, says: 'pushed in by hand, holds when lifted, takes glue' },
  { word: 'easy', interference: -0.05, says: 'slides together, glue must hold it' },
] as const

export const odds = {
  tabsCutSheet: (way: string) => `tabs cut ${way} the sheet`,
  tabsCutAcross: 'tabs cut across in notches cut along, or the other way',
}

export const working = {
  notCrushKeep: (name: string) =>
    `${name} does not crush: keep the gap at 0 or above, or it cracks. Choose snug or easy.`,
  sheetUnevenTab: (thickness: string) => `The sheet is uneven: ${thickness}. Tab ends will show it.`,
  someTabEnds: 'Some tab ends will stand back from the face. A little proud length can be sanded flush.',
  tabEndsStand: (proud: string, mean: string) =>
    `Tab ends stand out by ${proud}, more than the sheet is thick (${mean}): is that right? 0.3 to 1 mm ` +
    'can be sanded off.',
  feltAs: (gap: string, felt: string) => `${gap}; felt as ${felt}`,
  gapEachGlue: 'Gap at each glue line',
  kerfFullWidth: 'kerf, full width',
  kerfMeanBoth: 'kerf, mean of both directions',
  acrossAlong: (x: string, y: string) => `${x} across, ${y} along`,
  wantedInterferencePer: 'wanted interference per boundary',
  ownCombsWords: (count: number) => `your own, from ${count} combs, words and checks`,
  ownNotKnown: 'your own is not known yet',
  thicknessNotChange:
    'Thickness does not change how tabs fit notches. It decides whether tab ends come out flush, and how ' +
    'wide a slot must be.',
}
