export type { QuickEntry, QuickNames, QuickProblem } from './quick-entry'
export { readQuickLine } from './quick-line'
