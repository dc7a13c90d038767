export { limitsOf, type Limits } from './limits'
export { repair, type Repaired } from './repair'
export { same } from './same'
export { placeOf, sentenceFor } from './sentence'
