import type { BoxSpec } from '../box'
import { isLid, type Fitting } from '../fittings'

/** The fittings of a box without what closes it. */
export const opened = ({ fittings }: BoxSpec): Fitting[] => fittings.filter((own) => !isLid(own))
