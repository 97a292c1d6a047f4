export { markOf, remembered } from './memo'
