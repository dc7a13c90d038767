import { isObject, type RawRecord } from '../raw-record'

/** A job of version 9: parts lay by quarter turns, and every edge was cut by itself. */
export const from9 = ({ layout, ...job }: RawRecord): RawRecord => ({
  ...job,
  version: 10,
  layout:
    isObject(layout) && isObject(layout.settings)
      ? { ...layout, settings: { anyAngle: false, shareEdges: false, ...layout.settings } }
      : layout,
})
