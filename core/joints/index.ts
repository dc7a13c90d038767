export {
  edgeRuleSchema,
  RULE_NAMES,
  ruleLike,
  shareCountSchema,
  TAB_OWNERS,
  tabCountSchema,
  tabWidthSchema,
  type EdgeRule,
  type RuleName,
  type TabOwner,
} from './rule'
export { centred, share, shareByCount, shareEvenly, shareFixed } from './share'
export { claimsOf, fingerShares, roundLength, PLAIN, type Pattern } from './fingers'
export { buttClaims } from './butt'
export { lapClaims } from './lap'
export { tenonClaims, tenonShares } from './tenon'
export { grooveClaims } from './groove'
export {
  BOLT_SIZES,
  boltDepths,
  boltHole,
  boltPlaces,
  boltRoom,
  BOLTS,
  boltsSchema,
  nutSlot,
  type Bolts,
  type BoltSize,
} from './bolt'
export { seamAcross, seamCount, seamSide, type Seam } from './seam'
