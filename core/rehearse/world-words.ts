import type { WorldName } from './worlds'

/** What was wrong in a world, for who rehearsed there. */
export const WORLD_WORDS: Record<WorldName, string> = {
  plain: 'Nothing beyond what squares show.',
  'oval beam': 'The beam was oval: wider across than along.',
  'part to part': 'The kerf differed from part to part.',
  'drifting power': 'Power drifted while it cut, and from day to day.',
  knotty: 'The sheet was full of knots.',
  taper: 'Cuts were not upright: calipers touched a wider part than the joints did.',
  'another speed': 'At this speed the kerf was not what the squares would show.',
  'calipers off': 'The calipers were off zero by 0.02 mm.',
  'a hand that squeezes': 'The hand squeezed the calipers: they read too little.',
  'focus over the bed': 'Focus differed over the bed, and the kerf with it.',
  'ends that swell': 'Edges swelled: calipers touched a wider part than the joints did.',
  'unsteady hand': 'The hand that read the calipers was unsteady.',
}
