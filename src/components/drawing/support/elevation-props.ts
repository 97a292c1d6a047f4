import type { Crop } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import type { SupportPlan } from '../../../core/support'

export interface ElevationProps {
  plan: SupportPlan
  crop: Crop
  plants: number
  spacing: number
  plantsPerBay: number
  heightToday: number
  grownHeight: number
  canopyWidth: number
  sectional: boolean
  manner: Manner
}
