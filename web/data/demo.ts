import { readJobValue } from '@core/keep'
import type { Job } from '@core/job'
import bottleStand from '../../demo/bottle-stand.json?raw'
import cardRack from '../../demo/card-rack.json?raw'
import coreCabinet from '../../demo/core-cabinet.json?raw'
import crate from '../../demo/crate.json?raw'
import drawerSet from '../../demo/drawer-set.json?raw'
import fieldBook from '../../demo/field-book.json?raw'
import instrumentCase from '../../demo/instrument-case.json?raw'
import logger from '../../demo/logger-case.json?raw'
import mapDesk from '../../demo/map-desk.json?raw'
import planter from '../../demo/planter.json?raw'
import slipCases from '../../demo/slip-cases.json?raw'
import tray from '../../demo/specimen-tray.json?raw'
import vialRack from '../../demo/vial-rack.json?raw'
import weatherHut from '../../demo/weather-hut.json?raw'

export { demoOrders } from './demo-orders'

/** The field station's jobs, read by the same reader as anybody's file. */
export function demoJobs(): Job[] {
  return [
    tray,
    logger,
    coreCabinet,
    fieldBook,
    drawerSet,
    bottleStand,
    crate,
    slipCases,
    cardRack,
    instrumentCase,
    vialRack,
    planter,
    mapDesk,
    weatherHut,
  ].map((text) => {
    const read = readJobValue(JSON.parse(text))
    if (!read.ok) throw new Error(read.error)
    return read.job
  })
}
