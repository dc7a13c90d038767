/** What writes quotes and delivery notes, fetched when one is first wanted. */
export { offerOf, writeOffer } from '@core/files'
export { fileStem } from '@core/keep'
