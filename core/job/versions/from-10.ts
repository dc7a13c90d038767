import { isObject, listOf, type RawRecord } from '../raw-record'

/** A layout that the maker had a hand in. */
const isDecided = (arrangement: unknown): boolean =>
  isObject(arrangement) &&
  (arrangement.byHand === true ||
    listOf(arrangement.placements).some((each) => isObject(each) && each.pinned === true))

/** Jobs of version 10 kept layouts that were worked out for them as well. */
export const from10 = ({ layout, ...job }: RawRecord): RawRecord => ({
  ...job,
  version: 11,
  layout: isObject(layout) && !isDecided(layout.arrangement) ? { ...layout, arrangement: null } : layout,
})
