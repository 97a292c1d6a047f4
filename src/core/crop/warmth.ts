import type { Crop } from './traits'

/**
 * Transplant by temperature, not by date, °C: the mean of the nights ahead and the soil at root depth from which a
 * plant may go out, and from which it grows on at once; and the single night that it does not bear.
 */
interface SetOutLimits {
  may: { night: number; soil: number }
  ideal: { night: number; soil: number }
  coldest: number
}

/** A plant may go out, or goes on at once. */
export type SetOutLevel = 'may' | 'ideal'

export const SET_OUT_LIMITS: Record<Crop, SetOutLimits> = {
  tomato: { may: { night: 8, soil: 15 }, ideal: { night: 10, soil: 16 }, coldest: 5 },
  pepper: { may: { night: 11, soil: 17 }, ideal: { night: 13, soil: 18 }, coldest: 8 },
}
/** Nights over which their mean is taken. */
export const SET_OUT_NIGHTS = 7
