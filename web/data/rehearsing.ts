/** What rehearses a cut, fetched when something is first rehearsed. */
export { knownOf, piecesByPart, rehearse, withReadings } from '@core/rehearse'
