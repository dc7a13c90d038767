/** Rounds halves away from zero as one does on paper, also where binary figures fall just short of the half: 0.155 ÷ 2 is 0.078. */
const rounded = (value: number, digits: number): string => (value * (1 + 1e-9)).toFixed(digits)

/** A figure with at most `digits` decimals, trailing zeros kept: what is read off an instrument has a resolution. */
export const fixed = (value: number, digits: number): string =>
  rounded(Object.is(Math.round(value * 10 ** digits), -0) ? 0 : value, digits).replace('-', '−')

/** A figure as short as it can be said with at most `digits` decimals: for fields and dimensions. */
export const short = (value: number, digits = 2): string =>
  String(Number(rounded(value, digits))).replace('-', '−')

export const formatMillimetres = (mm: number, digits = 2): string => `${fixed(mm, digits)} mm`

/** The same length in inches, to a thousandth: what a caliper in inches shows. */
export const formatInches = (mm: number): string => `${fixed(mm / 25.4, 3)} in`

/** A speed in the two units it was not typed in, so that a mix-up shows. */
export const otherSpeeds = (mmPerSecond: number): string =>
  `${short(mmPerSecond * 60, 0)} mm/min · ${short((mmPerSecond * 60) / 25.4, 1)} in/min`

/** Seconds as a workshop says them: `42 s`, `11 min 40 s`, `2 h 05 min`. */
export function formatDuration(seconds: number): string {
  const whole = Math.round(seconds)
  if (whole < 60) return `${whole} s`
  const minutes = Math.floor(whole / 60)
  if (minutes < 60) return `${minutes} min ${String(whole % 60).padStart(2, '0')} s`
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`
}
