import type { Claim } from '../assembly'

/** The panels at both ends go on to the ends of the line. */
export const toEnds = (claims: Claim[], length: number): Claim[] =>
  claims.map((claim, i) => ({
    ...claim,
    from: i === 0 ? Math.min(0, claim.from) : claim.from,
    to: i === claims.length - 1 ? Math.max(length, claim.to) : claim.to,
  }))

/** The first has both ends: floor and top keep out of the corners of walls, which cut into both tops. */
export function heldBetween(claims: Claim[], length: number): Claim[] {
  const [first, last] = [claims[0], claims[claims.length - 1]]
  const held = toEnds(claims, length)
  if (first.owner === 1) held.splice(0, 1, { owner: 0, from: 0, to: first.from }, first)
  if (last.owner === 1) held.splice(-1, 1, last, { owner: 0, from: last.to, to: length })
  return held
}
