export { remembered } from './memo'
export type { Memo } from './memo'
