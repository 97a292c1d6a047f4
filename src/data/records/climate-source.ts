import { CLIMATE_TEMPLATE_IDS, type ClimateTemplateId } from '../../core/climate'

/** A climate is worked out from the stations near it, is like one of them, or is a named kind. */
export const BY_STATIONS = 'stations'
export const LIKE_STATION = 'like:'
export type ClimateSource = typeof BY_STATIONS | `${typeof LIKE_STATION}${string}` | ClimateTemplateId

/** Whether a text names where a climate comes from. */
export const isClimateSource = (text: unknown): text is ClimateSource =>
  typeof text === 'string' &&
  (text === BY_STATIONS ||
    (text.startsWith(LIKE_STATION) && text.length <= 80) ||
    (CLIMATE_TEMPLATE_IDS as readonly string[]).includes(text))
