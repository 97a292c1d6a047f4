/** How someone looked how dry it is: a finger in a pot, a spade at root depth, a meter's or sensor's water content. */
export const MOISTURE_METHODS = ['finger', 'spade', 'meter', 'sensor'] as const
export type MoistureMethod = (typeof MOISTURE_METHODS)[number]

/** How deep a finger feels for water in a pot, m. */
export const FINGER_DEPTH = 0.05

/** What a finger or a spade finds. */
export const MOISTURE_FEELS = ['wet', 'moist', 'dry', 'dust'] as const
export type MoistureFeel = (typeof MOISTURE_FEELS)[number]

/**
 * Depletion as a share of TAW that each feel stands for [USDA-NRCS 1998: the middles of its classes, wet being full,
 * moist between the two upper ones].
 */
const FEEL: Record<MoistureFeel, number> = { wet: 0.02, moist: 0.25, dry: 0.625, dust: 0.875 }
/** What feels dry has nothing left that is easily taken, and what is moist still has, as shares of RAW. */
const DRY_FROM = 1.05
const MOIST_TO = 0.95

/** Depletion as a share of TAW that a feel stands for; `p`: RAW as a share of TAW. */
export function depletionOfFeel(feel: MoistureFeel, p: number): number {
  const share = FEEL[feel]
  return Math.min(
    1,
    feel === 'dry' || feel === 'dust' ? Math.max(share, DRY_FROM * p) : Math.min(share, MOIST_TO * p),
  )
}

/**
 * Depletion as a share of TAW from a meter's volumetric water content.
 *
 * @param content m³/m³
 * @param fieldCapacity m³/m³ when it is wet through and drained
 * @param available m³/m³ from there to wilting
 * @example depletionOfContent(0.25, 0.33, 0.16) // 0.5
 */
export const depletionOfContent = (content: number, fieldCapacity: number, available: number): number =>
  Math.min(1, Math.max(0, (fieldCapacity - content) / available))
