/** What reads a table of boxes and makes them, fetched when one is first wanted. */
export { fileStem } from '@core/keep'
export { readVariants, variantColumns, variantExample, variantSteps } from '@core/derive'
