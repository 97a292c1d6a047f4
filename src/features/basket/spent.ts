import { dayOf, entriesOn, type PlantingResult } from '../../core/garden-day'
import { laterOf } from '../../core/calendar'
import { seasonOf } from '../../core/climate'
import { labourOf, paceOf } from '../../core/calls'
import type { Cost } from '../../core/facts'
import { entriesAbout } from '../../core/entry'
import { ofKind, type LogEntry } from '../../core/log'
import { feedCost } from '../../core/feeding'
import { standsOf } from '../../core/season'
import { seasonCost, supportNeeds } from '../../core/supplies'
import type { GardenState } from '../../data/garden-state'

/** Working time and money that went into a planting. */
export interface Spent {
  minutes: number
  cost: Cost
}

export const sumOfCosts = (costs: readonly Cost[]): Cost => ({
  cost: costs.reduce((sum, { cost }) => sum + cost, 0),
  open: costs.some(({ open }) => open),
})

/** What went into the plantings of one season: work by the log, supports by their life, feeds by the pack. */
export function spentOn(state: GardenState, plantings: readonly PlantingResult[]): Map<string, Spent> {
  const entries = entriesOn(dayOf(state, state.now))
  const pace = paceOf(entries)
  const site = dayOf(state, state.now).supportSite
  const outlook = dayOf(state, lastDayOf(state, plantings, entries)).outlook
  const sharing = new Map<string, number>()
  for (const { planting } of plantings)
    sharing.set(planting.placeId, (sharing.get(planting.placeId) ?? 0) + planting.count)
  return new Map(
    plantings.map(({ planting }) => {
      const own = entriesAbout(entries, { type: 'planting', id: planting.id })
      const stood = standsOf(planting, own)
      const until = stood?.to ?? state.now
      const ofPlace = entriesAbout(entries, { type: 'place', id: planting.placeId }).filter(
        ({ on }) => stood !== null && on >= stood.from && on <= until,
      )
      const share = planting.count / sharing.get(planting.placeId)!
      const standing = outlook.plantings.find((one) => one.planting.id === planting.id)
      const held = standing ? supportNeeds(standing, state.plants, site) : []
      const fed = ofKind(ofPlace, 'fed').map(({ data }) => ({ name: data.name, grams: data.grams * share }))
      return [
        planting.id,
        {
          minutes: labourOf(own, ofPlace, planting.count, share, pace),
          cost: sumOfCosts([seasonCost(held, state.supplies), feedCost(fed, state.products)]),
        },
      ]
    }),
  )
}

/** The season's supports are asked for on the last day in it that its plantings were told of. */
function lastDayOf(state: GardenState, plantings: readonly PlantingResult[], entries: readonly LogEntry[]) {
  const { normals } = state.record.ensemble
  const days = plantings.flatMap(({ planting: { id, season } }) =>
    entriesAbout(entries, { type: 'planting', id })
      .map(({ on }) => on)
      .filter((on) => seasonOf(normals, on) === season),
  )
  return days.length > 0 ? days.reduce(laterOf) : state.now
}

/** kg that each plant gave, where pickings name it, the most first. */
export function byPlant(state: GardenState, { planting }: PlantingResult): { label: string; mass: number }[] {
  const sums = new Map<string, number>()
  const own = entriesAbout(entriesOn(dayOf(state, state.now)), { type: 'planting', id: planting.id })
  for (const { data } of ofKind(own, 'picked'))
    if (data.plant !== undefined) sums.set(data.plant, (sums.get(data.plant) ?? 0) + data.mass)
  return [...sums]
    .map(([id, mass]) => ({ label: state.plants.find((plant) => plant.id === id)?.label ?? '?', mass }))
    .sort((a, b) => b.mass - a.mass)
}
