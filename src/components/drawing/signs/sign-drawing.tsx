import type { Crop } from '../../../core/crop'
import type { SignId } from '../../../core/health'
import type { DrawSign } from './draw-sign'
import { FLOWER_SIGNS } from './flower-signs'
import { FRUIT_FLAW_SIGNS } from './fruit-flaw-signs'
import { FRUIT_SPOT_SIGNS } from './fruit-spot-signs'
import { FRUIT_EATEN_SIGNS } from './fruit-eaten-signs'
import { SAP_SUCKER_SIGNS } from './sap-sucker-signs'
import { EATER_SIGNS } from './eater-signs'
import { LEAF_SPOT_SIGNS } from './leaf-spot-signs'
import { LEAF_COLOUR_SIGNS } from './leaf-colour-signs'
import { LEAF_SHAPE_SIGNS } from './leaf-shape-signs'
import { PLANT_SIGNS } from './plant-signs'
import { STEM_SIGNS } from './stem-signs'

const DRAW: Record<SignId, DrawSign> = {
  ...LEAF_SPOT_SIGNS,
  ...LEAF_COLOUR_SIGNS,
  ...LEAF_SHAPE_SIGNS,
  ...PLANT_SIGNS,
  ...STEM_SIGNS,
  ...FLOWER_SIGNS,
  ...FRUIT_FLAW_SIGNS,
  ...FRUIT_SPOT_SIGNS,
  ...FRUIT_EATEN_SIGNS,
  ...SAP_SUCKER_SIGNS,
  ...EATER_SIGNS,
}

/** What a sign looks like on a plant of a crop; its name stands beside it. */
export const SignDrawing = ({ sign, crop, className }: { sign: SignId; crop: Crop; className?: string }) => (
  <svg viewBox="0 0 120 90" aria-hidden className={className}>
    {DRAW[sign](crop)}
  </svg>
)
