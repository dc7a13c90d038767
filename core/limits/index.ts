export { limitsOf, type Limits } from './limits'
export { repair, type Repaired } from './repair'
export { isSameRecord } from './is-same-record'
export { placeOf, sentenceFor } from './sentence'
