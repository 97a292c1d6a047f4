import { currentState } from './request'
import type { GardenState } from './garden-state'

/** What a screen is about, as its window is called: the thing itself, then where it is. */
export const titles = {
  place: ({ record }: GardenState, id: string) => record.places.find((place) => place.id === id)?.name,
  planting({ record }: GardenState, id: string) {
    const planting = record.plantings.find((one) => one.id === id)
    if (!planting) return undefined
    const cultivar = record.cultivars.find((one) => one.id === planting.cultivarId)
    const place = record.places.find((one) => one.id === planting.placeId)
    return cultivar && place && `${cultivar.name}, ${place.name}`
  },
  plant(state: GardenState, id: string) {
    const plant = state.plants.find((one) => one.id === id)
    const planting = plant && titles.planting(state, plant.plantingId)
    return planting?.replace(', ', ` ${plant!.label}, `)
  },
}

/** The title of a screen about one thing. @param screen what the screen is, before the thing; @param other where it is gone */
export async function titleOf(
  what: keyof typeof titles,
  id: string,
  other: string,
  screen = '',
): Promise<{ title: string }> {
  const state = await currentState()
  const named = state && titles[what](state, id)
  return { title: named ? `${screen}${named}` : other }
}
