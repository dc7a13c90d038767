export { readArtwork } from '@core/art'
