import type { IsoDate } from '../core/calendar'
import { remembered, type Memo } from '../core/memo'
import { gardenWater, type WateredPlace } from '../core/watering'
import { outlookOn, type GardenState } from './garden-state'

/** Days looked ahead. */
const AHEAD = 14

const waters: Memo<GardenState, WateredPlace[]> = new WeakMap()
const MOST_DAYS = 20

/** The water of a garden's places as of a day; the same until something is written. */
export const waterOn = (state: GardenState, on: IsoDate): WateredPlace[] =>
  remembered(
    waters,
    state,
    on,
    () => {
      const { garden, record, readings } = state
      const { latitude, longitude, elevation, soil } = garden
      return gardenWater(
        outlookOn(state, on),
        { site: { latitude, longitude, elevation }, soil, places: record.places, readings },
        AHEAD,
      )
    },
    MOST_DAYS,
  )
