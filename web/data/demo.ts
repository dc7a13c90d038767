import { readJob } from '@core/keep'
import type { Job } from '@core/job'
import cardRack from '../../demo/card-rack.json?raw'
import instrumentCase from '../../demo/instrument-case.json?raw'
import logger from '../../demo/logger-case.json?raw'
import slipCases from '../../demo/slip-cases.json?raw'
import tray from '../../demo/specimen-tray.json?raw'

/** The field station's jobs, read by the same reader as anybody's file. */
export function demoJobs(): Job[] {
  return [tray, logger, slipCases, cardRack, instrumentCase].map((text) => {
    const read = readJob(text)
    if (!read.ok) throw new Error(read.error)
    return read.job
  })
}
