export type { Advice, Alternative, CautionId, Reason } from './advice'
