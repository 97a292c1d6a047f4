import type { IsoDate } from '../calendar'
import { callsOf, type Call } from '../calls'
import { frostPercentiles, wetnessPressure, type WetnessPressure } from '../climate'
import type { Manner, PlantPosition } from '../facts'
import { ledgerOf, type PlaceLedger } from '../feeding'
import { healthContext } from '../garden-health'
import type { HealthContext } from '../health'
import type { LogEntry } from '../log'
import { markOf, remembered } from '../memo'
import {
  allCanopies,
  canopiesIn,
  outlookAlong,
  type Canopy,
  type PlantingOutlook,
  type SeasonOutlook,
  type StandingCanopy,
  type VigourCourse,
} from '../season'
import { designGust, type SupportSite } from '../support'
import { gardenWater, type WateredPlace } from '../watering'
import { aPlantBears } from './crop-forecast'
import { vigourIn } from './grown-ahead'
import { houseOf, type House } from './house'
import { lineOn } from './line'
import type { GardenSnapshot } from './snapshot'

/** Days after it that a place's water is worked out for. */
const WATER_AHEAD = 14
/** Days on which a planting's health is kept at once. */
const DAYS_OF_HEALTH = 4
/** Days of one garden that are kept at once. */
const MOST_DAYS = 40

/**
 * A garden on a day: everything that may be asked of it, each part worked out when it is first asked for and once.
 * Screens, feeds and files ask it and nothing else, so that one question has one answer.
 */
export class GardenDay<State extends GardenSnapshot = GardenSnapshot> {
  constructor(
    readonly state: State,
    readonly on: IsoDate,
  ) {}

  /** The date on the garden's clock. */
  get now(): IsoDate {
    return this.state.now
  }
  /** How an address says the day; nothing where it is the garden's own. */
  get query(): string {
    return this.on === this.now ? '' : `?on=${this.on}`
  }
  get manner(): Manner {
    const { units, decimals, dates, currency } = this.state.garden
    return { units, decimals, dates, currency, seenOn: this.on }
  }
  get outlook(): SeasonOutlook<LogEntry> {
    return this.once('outlook', () => outlookAlong(this.state.record, lineOn(this.state, this.on), this.on))
  }
  /** The number of the day's season. */
  get season(): number {
    return this.outlook.season
  }
  /** The plants that stand or are still to stand: what was taken out before is gone. */
  get plants(): readonly PlantPosition[] {
    return this.once('plants', () => this.state.plants.filter(({ to }) => to === null || to >= this.on))
  }
  /** Every plant of the season from above. */
  get canopies(): StandingCanopy[] {
    return this.once('canopies', () => allCanopies(this.outlook, this.plants))
  }
  /** The plants of a planting from above, with those that stand around it. */
  canopiesAround(own: PlantingOutlook): Canopy[] {
    return this.once(`canopies around ${own.planting.id}`, () => canopiesIn(own, this.outlook, this.plants))
  }
  get house(): House {
    return this.once('house', () => houseOf(this.state.garden))
  }
  /** How hard wet leaves press, from the last frost to the first. */
  get wetness(): WetnessPressure {
    const { garden, record } = this.state
    return remembered(record.ensemble, `wetness ${garden.latitude}`, () => {
      const { lastSpring, firstAutumn } = frostPercentiles(record.ensemble)
      const [from, to] = [lastSpring.p50 ?? 0, firstAutumn.p50 ?? 364]
      return wetnessPressure(record.ensemble, garden.latitude, from, to).pressure
    })
  }
  /** The water of the places in which something stands or stood. */
  get water(): WateredPlace[] {
    return this.once('water', () => {
      const { garden, record, readings } = this.state
      const { latitude, longitude, elevation, soil } = garden
      const site = { latitude, longitude, elevation }
      return gardenWater(this.outlook, { site, soil, places: record.places, readings }, WATER_AHEAD)
    })
  }
  /** What comes free in a place against what its plants want; null: nothing stood in it. */
  ledger(watered: WateredPlace): PlaceLedger | null {
    return ledgerOf(watered, this.on, this.bears)
  }
  /** kg that a plant of a planting is expected to bear in its season. */
  readonly bears = (own: PlantingOutlook): number => aPlantBears(this, own)
  /** How well the plants of a planting are off; null: nothing is known. */
  readonly vigour = (own: PlantingOutlook): VigourCourse | null =>
    this.once(`vigour of ${markOf(own)}`, () => vigourIn(this, own))
  /** What is due on the day and in the week after it. */
  get calls(): Call[] {
    return this.once('calls', () =>
      callsOf(this.outlook, {
        id: this.state.garden.id,
        plants: this.plants,
        water: this.water,
        wetness: this.wetness,
        bears: this.bears,
        vigour: this.vigour,
        house: this.house,
      }),
    )
  }
  /** What the site and the record say of every support. */
  get supportSite(): SupportSite & { onRecord: boolean; weave: House['weave'] } {
    return this.once('support site', () => {
      const { record, garden } = this.state
      const winds = record.weather.flatMap(({ wind }) => (wind === undefined ? [] : [wind]))
      return {
        ...designGust(winds),
        shelter: garden.shelter,
        wetness: this.wetness,
        weave: this.house.weave,
      }
    })
  }
  /** Years in which Solanaceae stood in a place: told, or planted here. */
  solanaceaeYears(placeId: string): number[] {
    const { history, record } = this.state
    return [
      ...(history.get(placeId) ?? []),
      ...record.plantings.filter((planting) => planting.placeId === placeId).map(({ season }) => season),
    ]
  }
  /** What is known of a planting's health. */
  health(own: PlantingOutlook): HealthContext {
    const { latitude, soil } = this.state.garden
    // A planting's outlook outlives many days: what is known of its health is kept for the newest alone.
    return remembered(
      own,
      `health ${markOf(this)}`,
      () =>
        healthContext(this.outlook, own, {
          latitude,
          soil,
          watered: this.water.find(({ place }) => place.id === own.place.id),
          years: this.solanaceaeYears(own.place.id).filter((year) => year < own.planting.season),
          bears: this.bears,
        }),
      DAYS_OF_HEALTH,
    )
  }

  private once<Part>(name: string, work: () => Part): Part {
    return remembered(this, name, work)
  }
}

/** What is said of a day, worked out once for it. */
export const onceADay =
  <State extends GardenSnapshot, Said>(name: string, work: (day: GardenDay<State>) => Said) =>
  (day: GardenDay<State>): Said =>
    remembered(day, name, () => work(day))

/** The garden on a day; the same object until something is written. */
export const dayOf = <State extends GardenSnapshot>(state: State, on: IsoDate): GardenDay<State> =>
  remembered(state, `day ${on}`, () => new GardenDay(state, on), MOST_DAYS)
