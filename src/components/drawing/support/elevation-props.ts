import type { Pot } from '../../../core/containers'
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
  /** What it stands in, m; null: the ground. */
  pot: Pot | null
  manner: Manner
}
