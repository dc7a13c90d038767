import { isObject, type RawRecord } from '../raw-record'

const NO_TERMS = {
  currency: '€',
  hour: 0,
  machineHour: 0,
  glue: 0,
  setUp: 15,
  perSheet: 3,
  finishing: 10,
  extras: [],
  rest: 0.5,
  margin: 0,
  boxes: 1,
  customer: '',
  seller: '',
  days: 30,
  note: '',
}

/**
 * Jobs of version 17 said nothing of what they cost but the sheet's price: no rates, nothing on top;
 * nobody counted them off, and none is a kind of the maker's own.
 */
export const from17 = (job: RawRecord): RawRecord => ({
  ...job,
  version: 18,
  template: false,
  price: NO_TERMS,
  build: isObject(job.build) ? { count: null, ...job.build } : job.build,
})
