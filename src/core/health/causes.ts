import type { Crop } from '../crop'
import type { Cause } from './cause'
import { DISEASES } from './diseases'
import { DISORDERS } from './disorders'
import { PESTS } from './pests'
import { SIGN_IDS, SIGNS, type SignId } from './signs'

const ALL = { ...DISEASES, ...DISORDERS, ...PESTS }
export type CauseId = keyof typeof ALL
export const CAUSES: Record<CauseId, Cause> = ALL
export const CAUSE_IDS = Object.keys(ALL) as CauseId[]

/** The causes that a crop can have. */
export const causesOf = (crop: Crop): CauseId[] => CAUSE_IDS.filter((id) => CAUSES[id].crops.includes(crop))

/** From this share on a sign belongs to a cause's picture. */
const TEXTBOOK = 0.5
/** No sign is quite sure to be seen, nor quite sure to be missed. */
const SUREST = 0.97

/** How often a sign is seen where this is the cause, 0–1. */
export const chanceOf = (cause: CauseId, sign: SignId): number =>
  Math.min(SUREST, CAUSES[cause].signs[sign] ?? SIGNS[sign].chance)

/** The signs that a cause is known by, the surest first. */
export const textbookSigns = (cause: CauseId): SignId[] =>
  (Object.entries(CAUSES[cause].signs) as [SignId, number][])
    .filter(([, share]) => share >= TEXTBOOK)
    .sort(([, a], [, b]) => b - a)
    .map(([sign]) => sign)

/** The sign that a cause is known by at once: seen with it often, and seldom without. */
export const hallmarkOf = (cause: CauseId): SignId =>
  textbookSigns(cause).reduce((best, sign) =>
    chanceOf(cause, sign) / SIGNS[sign].chance > chanceOf(cause, best) / SIGNS[best].chance ? sign : best,
  )

/** The sign that speaks most plainly for one cause and against another. */
export const tellingSign = (cause: CauseId, other: CauseId): SignId =>
  textbookSigns(cause).reduce((best, sign) =>
    chanceOf(cause, sign) / chanceOf(other, sign) > chanceOf(cause, best) / chanceOf(other, best)
      ? sign
      : best,
  )

/** What a cause is taken for, of what its crop can have. */
export const lookAlikesOf = (cause: CauseId, crop: Crop): CauseId[] =>
  (CAUSES[cause].lookAlikes as readonly CauseId[]).filter((id) => CAUSES[id].crops.includes(crop))

/** The signs that some cause of a crop shows, in their usual order. */
export const signsOf = (crop: Crop): SignId[] =>
  SIGN_IDS.filter((sign) => causesOf(crop).some((cause) => CAUSES[cause].signs[sign] !== undefined))
