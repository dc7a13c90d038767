import { ringsOf, type Point, type Region, type Ring } from '@core/geometry'

/** Points as SVG path data; y is turned over, because on the screen it runs down. */
export const lineData = (points: Point[], closed: boolean): string =>
  `M${points.map(({ x, y }) => `${x.toFixed(3)} ${(-y).toFixed(3)}`).join('L')}${closed ? 'Z' : ''}`

export const ringData = (ring: Ring): string => lineData(ring, true)

export const regionData = (region: Region): string => ringsOf(region).map(ringData).join('')
