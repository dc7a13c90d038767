export {
  billOf,
  together,
  type Bill,
  type BillWhat,
  type BoxWork,
  type RunCost,
  type SpoilChances,
  type Takes,
} from './bill'
export { spoilingSeen } from './spoilage'
export { extraSchema, MOST_EXTRAS, NO_TERMS, priceTermsSchema, type Extra, type PriceTerms } from './terms'
