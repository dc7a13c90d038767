export { compensationFor, doubtKerf, kerfFromSquares, kerfOf, kerfRecordSchema, type Kerf, type KerfRecord } from './kerf'
