import { allPlantings, onPlan } from '../../core/season'
import type { IsoDate } from '../../core/calendar'
import type { Manner, Place } from '../../core/facts'
import { CAUSE_IDS } from '../../core/health'
import { knownFeeds } from '../../core/feeding'
import type { QuickNames } from '../../core/quick-line'
import { areaOf } from '../../core/entry-check'
import { dripOf } from '../../core/watering'
import type { Day } from '../../data/garden-state'
import { CAUSE_WORDS } from '../../wording/health'

/** What the command box knows: what a line can be about, where one can go, and for which day one enters. */
export interface CommandIndex {
  manner: Manner
  on: IsoDate
  now: IsoDate
  names: QuickNames
  targets: { name: string; detail: string; href: string }[]
}

/** What can be named in the command box as of a day. */
export function commandIndexOf(day: Day): CommandIndex {
  const { state, on, manner, query, outlook, plants } = day
  const plantings = allPlantings(outlook)
  const open = onPlan(outlook)
  const byId = new Map(plantings.map((own) => [own.planting.id, own]))
  return {
    manner,
    on,
    now: state.now,
    names: {
      places: state.record.places.map((place) => ({
        id: place.id,
        name: place.name,
        area: areaOf(place),
        flow: totalFlow(place),
      })),
      plantings: open.map(({ planting, place, cultivar, phase }) => ({
        id: planting.id,
        placeId: place.id,
        cultivar: cultivar.name,
        crop: cultivar.crop,
        count: planting.count,
        stands: phase === 'standing',
      })),
      products: knownFeeds(state.products),
      causes: CAUSE_IDS.map((id) => ({ id, name: CAUSE_WORDS[id].name })),
      units: state.garden.units,
      today: on,
      dates: state.garden.dates,
    },
    targets: [
      ...state.record.places.map(({ id, name }) => ({
        name,
        detail: 'place',
        href: `/ground/${id}${query}`,
      })),
      ...plantings.map(({ planting, place, cultivar }) => ({
        name: `${cultivar.name}, ${place.name}`,
        detail: 'planting',
        href: `/plantings/${planting.id}${query}`,
      })),
      ...plants.flatMap(({ id, label, plantingId }) => {
        const own = byId.get(plantingId)
        return own
          ? [
              {
                name: `${own.cultivar.name} ${label}, ${own.place.name}`,
                detail: 'plant',
                href: `/plants/${id}${query}`,
              },
            ]
          : []
      }),
    ],
  }
}

/** L/h of all emitters of a place; null: none lie there. */
function totalFlow(place: Place): number | null {
  const drip = dripOf(place)
  return drip && drip.emitters * drip.flow
}
