export { whatHelps } from '@core/derive'
