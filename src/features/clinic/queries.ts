import type { Day } from '../../data/garden-state'
import type { IsoDate } from '../../core/calendar'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { casesOf, unknownPlant, type HealthContext, type SignId } from '../../core/health'
import { growingOn } from './contexts'

/** A planting that something can be wrong with. */
export interface Spot {
  id: string
  name: string
  place: string
  crop: Crop
  plants: { id: string; label: string }[]
}

/** A case that is looked at again. */
interface OpenCase {
  id: string
  subject: { type: 'place' | 'planting' | 'plant'; id: string }
  signs: SignId[]
  absent: SignId[]
}

export interface ClinicView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  spots: Spot[]
  /** Null: nothing grows, and causes are told of a crop alone. */
  chosen: Spot | null
  plant: string | null
  context: HealthContext
  followed: OpenCase | null
}

/** What is asked for: a planting or one of its plants, or a case to look at again, or a crop. */
export interface Asked {
  of?: string
  case?: string
  crop?: string
}

export function clinicView(day: Day, asked: Asked): ClinicView {
  const { state, on, manner, plants } = day
  const growing = growingOn(day)
  const again = casesOf(day.outlook.counted).find(({ id, closed }) => id === asked.case && closed === null)
  const subject = again?.subject.id ?? asked.of
  const plant = plants.find(({ id }) => id === subject) ?? null
  const own =
    growing.find(({ planting, place }) =>
      [planting.id, place.id].includes(plant?.plantingId ?? subject ?? ''),
    ) ?? growing[0]
  const spots = growing.map(({ planting, cultivar, place }): Spot => ({
    id: planting.id,
    name: cultivar.name,
    place: place.name,
    crop: cultivar.crop,
    plants: plants
      .filter(({ plantingId }) => plantingId === planting.id)
      .map(({ id, label }) => ({ id, label })),
  }))
  return {
    manner,
    on,
    now: state.now,
    spots,
    chosen: spots.find(({ id }) => id === own?.planting.id) ?? null,
    plant: plant?.id ?? null,
    context: own ? day.health(own) : unknownPlant(asked.crop === 'pepper' ? 'pepper' : 'tomato'),
    followed: again
      ? {
          id: again.id,
          subject: again.subject as OpenCase['subject'],
          signs: again.signs,
          absent: again.absent,
        }
      : null,
  }
}
