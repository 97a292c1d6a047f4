import { houseOf } from './house-schools'
import { designGust, type SupportSite } from '../core/support'
import { wetnessOf, type GardenState } from './garden-state'

/** What the garden's site and record say of every support in it. */
export function supportSiteOf(state: GardenState): SupportSite & {
  onRecord: boolean
  weave: 'sectional' | 'continuous'
} {
  const winds = state.record.weather.flatMap(({ wind }) => (wind === undefined ? [] : [wind]))
  return {
    ...designGust(winds),
    shelter: state.garden.shelter,
    wetness: wetnessOf(state),
    weave: houseOf(state.garden).weave,
  }
}
