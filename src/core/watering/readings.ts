/** How someone looked how dry it is: a finger in a pot, a spade at root depth, a meter's or sensor's water content. */
export const MOISTURE_METHODS = ['finger', 'spade', 'meter', 'sensor'] as const
export type MoistureMethod = (typeof MOISTURE_METHODS)[number]

/** † How deep a finger feels for water in a pot, m. */
export const FINGER_DEPTH = 0.05

/** What a finger or a spade finds. */
export const MOISTURE_FEELS = ['wet', 'moist', 'dry', 'dust'] as const
export type MoistureFeel = (typeof MOISTURE_FEELS)[number]

/** † Depletion as a share of RAW (of TAW for dust) that each feel stands for. */
const FEEL: Record<MoistureFeel, { of: 'raw' | 'taw'; share: number }> = {
  wet: { of: 'raw', share: 0.05 },
  moist: { of: 'raw', share: 0.5 },
  dry: { of: 'raw', share: 1.05 },
  dust: { of: 'taw', share: 0.85 },
}

/** Depletion as a share of TAW that a feel stands for; `p`: RAW as a share of TAW. */
export function depletionOfFeel(feel: MoistureFeel, p: number): number {
  const { of, share } = FEEL[feel]
  return Math.min(1, of === 'raw' ? share * p : share)
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
