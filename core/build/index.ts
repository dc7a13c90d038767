export { buildSteps, diagonal, diagonalWorking, glueGrams, type BuildStep } from './steps'
export { SCHOOLS, type School } from './schools'
