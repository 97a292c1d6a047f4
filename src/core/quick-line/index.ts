export { readQuickLine } from './quick-line'
export type { QuickEntry, QuickNames, QuickProblem } from './quick-line'
