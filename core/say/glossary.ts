/** Words of the trade, and what is often taken for them. */
export interface Term {
  word: string
  meaning: string
}

/** Standard terms; how they are used here. Common practice, no source. */
export const GLOSSARY: Record<string, Term> = {
  kerf: {
    word: 'Kerf, k',
    meaning:
      'Full width of what the beam removes. Not half of it: that is the compensation. It belongs ' +
      'to a machine, a stock and a setting.',
  },
  compensation: {
    word: 'Compensation, c',
    meaning:
      'How far a drawn path is moved, per side: outward on outlines, inward on holes. Half of the ' +
      ('kerf gives parts of the drawn size. It may be in the paths or left to the laser’s ' +
        'software, never both.'),
  },
  interference: {
    word: 'Interference, i',
    meaning:
      'How much a glue line overlaps on purpose (positive, tighter) or gapes (negative, looser). ' +
      'It is taste; kerf is physics.',
  },
  gap: {
    word: 'Gap, g',
    meaning: 'What is left between tab and notch at one glue line: k − 2c − i. A tab has play of twice that.',
  },
  fit: {
    word: 'Fit',
    meaning:
      'How a joint feels: forced, press, snug (pushed in by hand, takes glue), easy, loose. The ' +
      'odds say how sure the prediction is.',
  },
  tab: { word: 'Tab', meaning: 'What sticks out along a panel’s edge.' },
  notch: { word: 'Notch', meaning: 'What a tab enters, along the mate’s edge.' },
  slot: {
    word: 'Slot',
    meaning: 'A closed hole inside a panel. How wide it is depends on the thickness of what goes in.',
  },
  proud: {
    word: 'Proud length',
    meaning: 'How far tab ends stand out of the mating face, to be sanded off later.',
  },
  stock: {
    word: 'Stock',
    meaning:
      'One batch of sheet material with its measured thickness. Its label, the nominal ' +
      'thickness, is only a name.',
  },
  nominal: { word: 'Nominal', meaning: 'The thickness on the label. Sheets are often a tenth of it off.' },
  offcut: { word: 'Offcut', meaning: 'What is left of a used sheet and worth keeping.' },
  pocket: {
    word: 'Pocket',
    meaning: 'A groove or recess that is engraved so deep, not cut through. Only a test tells its depth.',
  },
  bridge: {
    word: 'Bridge',
    meaning: 'A short stretch of an outline that is left uncut, so that a small part does not fall out.',
  },
  grain: {
    word: 'Grain',
    meaning: 'The way the face fibres run. Panels are stiffer along it and look better alike.',
  },
  margin: { word: 'Margin', meaning: 'Kept free along every side of a sheet.' },
  spacing: {
    word: 'Gap between parts',
    meaning: 'Kept free between two parts on the sheet. Not the gap of a joint.',
  },
  load: {
    word: 'Load',
    meaning:
      'As much of a sheet as lies on the bed at one time. A sheet larger than the bed is cut in several.',
  },
  origin: {
    word: 'Origin corner',
    meaning: 'The corner of the bed that the machine measures from; the sheet is put into it.',
  },
  operation: { word: 'Operation', meaning: 'Engrave, score, inside cut, outline cut: done in this order.' },
  pass: { word: 'Pass', meaning: 'One trip of the beam along a path. More than it takes only chars.' },
  energy: {
    word: 'Energy per cut face',
    meaning: 'Passes × watts × power ÷ (speed × thickness): what two settings have in common.',
  },
  setting: { word: 'Setting', meaning: 'Speed, power, passes and air that a cut is made with.' },
  traveller: {
    word: 'Traveller',
    meaning: 'The sheet of paper that goes with a job from station to station and collects its figures.',
  },
  verdict: { word: 'Verdict', meaning: 'How a cut joint felt in your hands. It moves the next prediction.' },
  snug: {
    word: 'Your own snug',
    meaning: 'The interference at which a joint is just right in your hands, apart from any kerf.',
  },
  revision: {
    word: 'Revision',
    meaning: 'One time that a job was cut, with the figures of that moment and why it was cut.',
  },
}
