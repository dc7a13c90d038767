import { covered, METHODS } from '../testing/bench-hand'

const RUNS = 6000

/** How many of the stated 95 % intervals hold the kerf that was there, at a simulated bench. */
export function benchCoverage(): void {
  console.log(
    `\nKerf: share of 95 % intervals that hold the truth, readings rounded to 0.01 mm (${RUNS} each)`,
  )
  const columns = [0.002, 0.005, 0.01].flatMap((hand) => [2, 3, 5].map((n) => ({ hand, n })))
  const head = columns.map(({ hand, n }) => `${hand}/${n}`.padStart(8)).join('')
  console.log(`${'hand mm / pieces'.padEnd(40)}${head}`)
  for (const [name, method] of Object.entries(METHODS)) {
    const shares = columns.map(({ hand, n }) => {
      const share = covered(RUNS, (kerf) => method(kerf, n, hand))
      return `${(share * 100).toFixed(1)} %`.padStart(8)
    })
    console.log(`${name.padEnd(40)}${shares.join('')}`)
  }
}
