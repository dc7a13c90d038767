export { buildSteps, diagonal, diagonalWorking, glueGrams, type BuildStep } from './steps'
export { boughtFor } from './bought'
export { SCHOOLS, type School } from './schools'
