import { daysBetween, isoDate, type IsoDate } from '../../core/calendar'
import type { GardenState } from '../../data/garden-state'

/** What leads a new garden on; `isDone`: by what is kept. The others are ticked by going there. */
interface FirstStep {
  id: 'place' | 'planting' | 'water' | 'sheet'
  text: string
  href: string
  isDone: boolean
}

export interface FirstWeek {
  garden: string
  steps: FirstStep[]
}

const DAYS_SHOWN = 7

/** The first week's short list; null: the garden is older, or was not made here. @param now ms since 1970 */
export function firstWeekOf({ garden, record, now }: GardenState, time: number): FirstWeek | null {
  const made = madeOn(garden.id)
  if (made === null || daysBetween(made, isoDate(new Date(time).toISOString().slice(0, 10))) > DAYS_SHOWN)
    return null
  const { places, plantings, entries } = record
  const place = places[0]
  return {
    garden: garden.id,
    steps: [
      {
        id: 'place',
        text: place ? `Check the size of ${place.name} on the plan` : 'Draw your first place',
        href: place ? `/ground/${place.id}` : '/ground',
        isDone: places.length > 1,
      },
      {
        id: 'planting',
        text: 'Plan your first planting',
        href: '/plantings/new',
        isDone: plantings.length > 0,
      },
      {
        id: 'water',
        text: 'Record a watering, so that Prairie knows how wet the soil is',
        href: '/bench/water',
        isDone: entries.some(({ kind, on }) => kind === 'watered' && on <= now),
      },
      {
        id: 'sheet',
        text: 'Print the round for the wall or your pocket',
        href: '/walk/sheet',
        isDone: false,
      },
    ],
  }
}

/** The day on which an id of time was made; null: it is another kind of id. */
function madeOn(id: string): IsoDate | null {
  const match = /^([0-9a-f]{8})-([0-9a-f]{4})-7/i.exec(id)
  return match ? isoDate(new Date(parseInt(match[1]! + match[2]!, 16)).toISOString().slice(0, 10)) : null
}
