import type { IsoDate } from '../../core/calendar'
import { indexOf } from '../../core/climate'
import type { Crop } from '../../core/crop'
import type { Manner, Support } from '../../core/facts'
import { depthConditions, judgeSetOut, type DepthConditions } from '../../core/season'
import type { DepthSchool } from '../../core/transplant'
import { mannerOf } from '../../data/gardens'
import { outlookOn, type GardenState } from '../../data/garden-state'
import { formatDate } from '../../wording/dates'
import { sayReason } from '../../wording/say-reason'
import { findPlanting } from './queries'

/** What planting day knows of one planting before its plants are measured. */
export interface PlantingDay {
  plantingId: string
  title: string
  count: number
  crop: Crop
  grafted: boolean
  support: Support
  manner: Manner
  on: IsoDate
  now: IsoDate
  soilDepth: number
  conditions: DepthConditions
  school: 'worked-out' | DepthSchool
  verdict: { go: boolean; suits: string | null; reasons: { text: string; weight: string }[] }
  done: boolean
}

export function plantingDayOf(state: GardenState, id: string, on: IsoDate): PlantingDay | null {
  const outlook = outlookOn(state, on)
  const own = findPlanting(outlook, id)
  if (!own) return null
  const { planting, cultivar, place } = own
  const manner = mannerOf(state.garden)
  const verdict = judgeSetOut(own, own.soil, cultivar.crop, indexOf(outlook.line.air, on))
  return {
    plantingId: id,
    title: `${place.name} · ${cultivar.name}, ${planting.count === 1 ? 'one plant' : `${planting.count} alike`}`,
    count: planting.count,
    crop: cultivar.crop,
    grafted: cultivar.grafted,
    support: planting.support,
    manner,
    on,
    now: state.now,
    soilDepth: place.soilDepth,
    conditions: depthConditions(outlook, own),
    school: (state.garden.houseSchools.depth ?? 'worked-out') as PlantingDay['school'],
    verdict: {
      go: verdict.answer.go,
      suits: verdict.answer.suits && formatDate(verdict.answer.suits, manner),
      reasons: verdict.reasons.map((reason) => ({ text: sayReason(reason, manner), weight: reason.weight })),
    },
    done: own.dates['set-out'].how === 'logged',
  }
}
