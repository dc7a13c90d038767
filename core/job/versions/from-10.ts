import { isObject, listOf, type Loose } from '../loose'

/** A layout that the maker had a hand in. */
const isDecided = (arrangement: unknown): boolean =>
  isObject(arrangement) &&
  (arrangement.byHand === true ||
    listOf(arrangement.placements).some((each) => isObject(each) && each.pinned === true))

/** Jobs of version 10 kept layouts that were worked out for them as well. */
export const from10 = ({ layout, ...job }: Loose): Loose => ({
  ...job,
  version: 11,
  layout: isObject(layout) && !isDecided(layout.arrangement) ? { ...layout, arrangement: null } : layout,
})
