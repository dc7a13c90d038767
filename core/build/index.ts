export { buildSteps, diagonal, diagonalWorking, glueGrams, type BuildStep } from './steps'
export { readDiagonals, squareAdvice } from './square'
export { boughtFor } from './bought'
export { SCHOOLS, type School } from './schools'
