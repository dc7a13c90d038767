export { buildSteps, diagonal, diagonalWorking, glueGrams, type BuildStep, type GlueFace } from './steps'
export { SCHOOLS, type School } from './schools'
