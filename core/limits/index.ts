export { limitsOf, type Limits } from './limits'
export { repair, type Repaired } from './repair'
export { placeOf, sentenceFor } from './sentence'
