/**
 * Rounds halves away from zero as one does on paper, also where binary figures fall just short of the half:
 * 0.155 ÷ 2 is 0.078.
 */
const rounded = (value: number, digits: number): string => (value * (1 + 1e-9)).toFixed(digits)

/**
 * A figure with at most `digits` decimals, trailing zeros kept: what is read off an instrument has a
 * resolution.
 */
export const fixed = (value: number, digits: number): string =>
  rounded(Object.is(Math.round(value * 10 ** digits), -0) ? 0 : value, digits).replace('-', '−')

/** A figure as short as it can be said with at most `digits` decimals: for fields and dimensions. */
export const short = (value: number, digits = 2): string =>
  String(Number(rounded(value, digits))).replace('-', '−')

/** A share as whole per cent. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`

/** The same of odds, which are never called certain. */
export const chance = (odds: number): string => percent(Math.max(0.01, Math.min(0.99, odds)))

/** `1 sheet`, `3 sheets`. */
export const counted = (count: number, one: string, several = `${one}s`): string =>
  `${count} ${count === 1 ? one : several}`

/** Seconds as a workshop says them: `42 s`, `11 min 40 s`, `2 h 05 min`. */
export function formatDuration(seconds: number): string {
  const whole = Math.round(seconds)
  if (whole < 60) return `${whole} s`
  const minutes = Math.floor(whole / 60)
  if (minutes < 60) return `${minutes} min ${String(whole % 60).padStart(2, '0')} s`
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`
}

/** With a capital, as a sentence begins. */
export const capitalised = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)

/** Minutes as one says them: to the half minute below ten, to the minute below two hours. */
export function minutesText(minutes: number): string {
  if (minutes < 0.75) return `${Math.max(5, Math.round(minutes * 12) * 5)} s`
  if (minutes < 10) return `${short(Math.round(minutes * 2) / 2, 1)} min`
  const whole = Math.round(minutes)
  return whole < 120 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`
}
