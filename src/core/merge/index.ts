export { mergeRow, type Merged } from './merge-row'
