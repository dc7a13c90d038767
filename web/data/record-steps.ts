/** What brings records of an older Uplands up to date, fetched where there are any. */
export { migrateRecord } from '@core/job'
