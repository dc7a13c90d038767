export const median = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

/** Median time of some work in milliseconds, warmed up. */
export function timed(work: () => void, times = 15): number {
  for (let i = 0; i < 3; i++) work()
  return median(
    Array.from({ length: times }, () => {
      const start = performance.now()
      work()
      return performance.now() - start
    }),
  )
}
export const row = (what: string, figure: string): void => console.log(`${what.padEnd(66)} ${figure}`)
export const ms = (value: number): string => `${value.toFixed(1)} ms`

/** One picture of a screen at 60 a second, ms. */
export const FRAME = 1000 / 60

const broken: string[] = []

/** A limit that the product promises: whatever breaks one is told at the end, and fails the run. */
export function mustHold(holds: boolean, what: string): void {
  if (!holds) broken.push(what)
}

/** Tells which limits do not hold. */
export function tellBroken(): void {
  console.log(broken.length === 0 ? '\nAll limits hold.' : `\nNot held:\n${broken.join('\n')}`)
  if (broken.length > 0) process.exitCode = 1
}
