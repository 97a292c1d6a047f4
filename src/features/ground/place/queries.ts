import type { Day, GardenState } from '../../../data/garden-state'
import type { IsoDate } from '../../../core/calendar'
import type { WetnessPressure } from '../../../core/climate'
import type { GardenCultivar, Manner, Obstacle, Place, Planting, PlantPosition } from '../../../core/facts'
import { ofKind } from '../../../core/log'
import { rotation } from '../../../core/rotation'
import { onPlan, seasonInView, type StandingCanopy } from '../../../core/season'
import { plantingSpacing, type SpacingAnswer } from '../../../core/spacing'
import { sayReasons, type SaidReason } from '../../../wording/say-reason'
import { dryDays } from '../pots/pot-days'
import { groundView } from '../queries'

/** A planting as it stands, or is meant to stand, in a place. */
export interface PlacePlanting {
  planting: Planting
  name: string
  cultivarId: string
  spacing: SpacingAnswer
  /** Set out: it stays where it is. */
  stands: boolean
}

/** One place as of a date. */
export interface PlaceView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  query: string
  place: Place
  /** How many changes of the garden this follows. */
  changes: number
  held: string
  plantings: PlacePlanting[]
  plants: PlantPosition[]
  canopies: StandingCanopy[]
  crowded: string[]
  leafArea: string
  rotation: { verdict: string; reasons: SaidReason[] }
  cultivars: GardenCultivar[]
  /** Cultivars that bore here in an earlier season. */
  trusted: string[]
  school: string
  wetness: WetnessPressure
  season: number
  /** Reference evapotranspiration today and in a heat wave, mm d⁻¹. */
  et0: { today: number; heat: number }
  /** All that casts a shadow here, and when the sun is looked at. */
  sun: {
    latitude: number
    days: number[]
    places: Place[]
    obstacles: Obstacle[]
    canopies: StandingCanopy[]
  }
  /** Other plantings that could change places with one of these: same size of place, not set out. */
  others: { planting: Planting; name: string; place: Place }[]
}

export function placeView(day: Day, id: string): PlaceView | null {
  const { state, on, outlook, wetness, canopies } = day
  const { season } = seasonInView(outlook)
  const ground = groundView(day)
  const place = ground.rows.place.find((other) => other.id === id)
  if (!place) return null
  const { manner } = ground
  const own = onPlan(outlook)
  const here = own.filter((other) => other.place.id === id)
  const turned = rotation({ years: day.solanaceaeYears(id), container: place.kind === 'container' }, season)
  const note = ground.notes[id]!
  const stands = (planting: Planting) =>
    own.some((other) => other.planting.id === planting.id && other.stands)
  return {
    manner,
    on,
    now: state.now,
    query: ground.query,
    place,
    changes: ground.changes,
    held: note.held,
    plantings: here.map(({ planting, cultivar }) => ({
      planting,
      name: cultivar.name,
      cultivarId: cultivar.id,
      spacing: plantingSpacing(planting, cultivar, wetness),
      stands: stands(planting),
    })),
    plants: ground.rows.plant.filter(({ plantingId }) =>
      here.some(({ planting }) => planting.id === plantingId),
    ),
    canopies: canopies.filter(({ placeId }) => placeId === id),
    crowded: note.crowded,
    leafArea: note.leafArea,
    rotation: {
      verdict: turned.answer.verdict,
      reasons: sayReasons(turned.reasons, manner),
    },
    cultivars: ground.cultivars,
    trusted: trustedIn(state, season),
    school: day.house.spacing,
    wetness,
    season,
    et0: dryDays(state, outlook),
    sun: {
      latitude: state.garden.latitude,
      days: ground.seasonDays,
      places: ground.rows.place,
      obstacles: ground.rows.obstacle,
      canopies,
    },
    others: own
      .filter(
        (other) =>
          other.place.id !== id &&
          !stands(other.planting) &&
          other.place.length === place.length &&
          other.place.width === place.width,
      )
      .map(({ planting, cultivar, place }) => ({ planting, name: cultivar.name, place })),
  }
}

/** Cultivars of which something was picked in a season before this. */
function trustedIn({ record }: GardenState, season: number): string[] {
  const picked = new Set(ofKind(record.entries, 'picked').map(({ subject }) => subject.id))
  return [
    ...new Set(
      record.plantings
        .filter((planting) => planting.season < season && picked.has(planting.id))
        .map(({ cultivarId }) => cultivarId),
    ),
  ]
}
