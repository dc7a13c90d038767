import type { Claim } from '../assembly'

/** One part runs past the other, which stands against it: the whole edge belongs to the one that laps. */
export const buttClaims = (from: number, to: number, laps: 0 | 1): Claim[] => [{ owner: laps, from, to }]
