/** What writes quotes, delivery notes and cards, fetched when one is first wanted. */
export { cardOf, offerOf, writeCard, writeOffer } from '@core/files'
export { fileStem } from '@core/keep'
