import type { Crop } from '../../../core/crop'
import type { SignId } from '../../../core/health'
import type { DrawSign } from './draw-sign'
import { FLOWER_SIGNS } from './flower-signs'
import { FRUIT_SIGNS } from './fruit-signs'
import { GUEST_SIGNS } from './guest-signs'
import { LEAF_SIGNS } from './leaf-signs'
import { PLANT_SIGNS } from './plant-signs'
import { STEM_SIGNS } from './stem-signs'

const DRAW: Record<SignId, DrawSign> = {
  ...LEAF_SIGNS,
  ...PLANT_SIGNS,
  ...STEM_SIGNS,
  ...FLOWER_SIGNS,
  ...FRUIT_SIGNS,
  ...GUEST_SIGNS,
}

/** What a sign looks like on a plant of a crop; its name stands beside it. */
export const SignDrawing = ({ sign, crop, className }: { sign: SignId; crop: Crop; className?: string }) => (
  <svg viewBox="0 0 120 90" aria-hidden className={className}>
    {DRAW[sign](crop)}
  </svg>
)
