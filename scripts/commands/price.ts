import { deriveParts, runCostSteps, spoilChances, workOf } from '../../core/derive'
import { runsOf, type Job } from '../../core/job'
import { clockOf, type Clock } from '../../core/plan'
import { billOf, type Bill, type BoxWork, type RunCost, type SpoilChances } from '../../core/price'
import { billLines, leftOut, savingsOf } from '../../core/say'
import { readJobAndBench } from './read-job-file'
import { readArguments } from './arguments'
import { refuse } from './refuse'
import { writeAnswer } from './write-answer'

const MOST_BOXES = 10_000

/** Counts of boxes as `1,10,100`. */
function countsIn(text: string): number[] | null {
  const counts = text.split(',').map((each) => Number(each.trim() || NaN))
  const isGood = counts.every((count) => Number.isInteger(count) && count >= 1 && count <= MOST_BOXES)
  return isGood ? [...new Set(counts)].sort((a, b) => a - b) : null
}

/** What cutting so many comes to, by their own layout. */
function runCost(job: Job, boxes: number, clock: Clock | null): RunCost {
  const steps = runCostSteps(job, boxes, clock)
  for (let step = steps.next(); ; step = steps.next()) {
    if (!step.done) continue
    return step.value ?? refuse('This cannot be made or laid out on its sheets, so it has no price.')
  }
}

interface Behind {
  work: BoxWork
  chances: SpoilChances
  bills: Bill[]
}

/** One count, as it is written: money in the terms' currency, minutes, and what it is made of. */
function answerFor(
  { price: terms }: Job,
  run: RunCost,
  bill: Bill,
  { work, chances, bills }: Behind,
): object {
  const priced = { bill, run, work, chances, terms }
  const minutes = (seconds: number): number => seconds / 60
  return {
    boxes: bill.boxes,
    price: bill.price,
    each: bill.each,
    eachFrom: bill.each - bill.less,
    eachTo: bill.each + bill.more,
    cost: bill.cost,
    sheets: run.sheets,
    machineMinutes: { from: minutes(run.low), expected: minutes(run.seconds), to: minutes(run.high) },
    handMinutes: bill.hands,
    partsCutAgain: bill.again,
    lines: billLines(priced),
    savings: savingsOf(priced, bills),
  }
}

/** Writes what boxes of a job cost, one count after the other, by each count's own layout. */
export function runPrice(args: string[], usage: string): void {
  const parsed = readArguments(args, usage, {
    out: { type: 'string' },
    job: { type: 'string' },
    boxes: { type: 'string', default: '1,10,100' },
  })
  const [file] = parsed.positionals
  const { out, job: name, boxes } = parsed.values
  if (!file || !out) return refuse(usage)
  const counts = countsIn(boxes)
  if (!counts) return refuse(`--boxes is counts from 1 to ${MOST_BOXES} such as 1,10,100. ${usage}`)
  const { job, bench } = readJobAndBench(file, name)
  const { machine } = job.measure
  // The machine's own clock: the cuts of the bench, where it came along, and of this job's log.
  const clocked = machine ? runsOf(machine.id, bench?.runs ?? [], job) : []
  const clock = clocked.length > 0 ? clockOf(clocked) : null
  const runs = counts.map((count) => runCost(job, count, clock))
  const { things, parts } = deriveParts(job)
  const [work, chances] = [workOf(job, things), spoilChances(job, things, parts.length)]
  const bills = runs.map((run) => billOf(run, work, chances, job.price))
  writeAnswer(out, {
    job: job.name,
    currency: job.price.currency,
    leftOut: leftOut({ run: runs[0], terms: job.price }),
    counts: runs.map((run, i) => answerFor(job, run, bills[i], { work, chances, bills })),
  })
}
