/** What lays out parts that are cut again, fetched when one is chosen. */
export { recutOf } from '@core/keep'
