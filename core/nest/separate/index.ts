export { dissolve, type Laid } from './dissolve'
