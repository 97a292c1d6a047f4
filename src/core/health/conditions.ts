import { count, days, onDate, share, speed, temperature, waterDepth, type Measure } from '../quantity'
import type { Crop } from '../crop'
import type { IsoDate } from '../calendar'

/** The weather of the weeks before a day, as far as it was recorded. */
export interface PastWeather {
  /** Mean early-blight severity a day over three weeks. */
  severity: number
  /** The last day of the fortnight that late blight threatened on; null: none did. */
  blightOn: IsoDate | null
  /** mm of the last fortnight, and of the wettest day of the last five. */
  rain: number
  wettest: number
  /** Days since 1 mm of rain. */
  sinceRain: number
  /** °C of the fortnight: mean of the days' highs, its hottest day, mean temperature. */
  meanHigh: number
  hottest: number
  mean: number
  /** Nights under 13 °C of the last five weeks; °C of the coldest of the fortnight. */
  coldNights: number
  coldest: number
  /** Mean wind of the windiest day of the fortnight, m/s. */
  windiest: number
  /** Mean fruit set of the fortnight, 0–1. */
  set: number
}

/** Dry all year and warm; warm and rainy in summer; mild and damp in summer. */
export interface ClimateFavours {
  arid: boolean
  humidSouth: boolean
  coolMaritime: boolean
}

export type PlantAge = 'seedling' | 'young' | 'flowering' | 'bearing' | 'ripening'

/** What is known of a plant besides what is seen on it; null: not known. */
export interface HealthContext {
  crop: Crop
  age: PlantAge | null
  bush: boolean | null
  grafted: boolean | null
  /** Its type's proneness to blossom-end rot, 0–1; whether its fruit are large. */
  proneness: number | null
  large: boolean | null
  underCover: boolean | null
  inPot: boolean | null
  sandy: boolean | null
  weather: PastWeather | null
  /** Days of the fortnight on which its ground was too dry; whether it is now; whether it was soaked for days. */
  water: { dryDays: number; dryNow: boolean; soaked: boolean } | null
  /** What the feed ledger says. */
  feed: { glut: boolean; littleNitrogen: boolean; littlePotassium: boolean } | null
  soil: { ph: number; calciumLow: boolean } | null
  /** Years since Solanaceae stood here; null: never, as far as is told. */
  rested: number | null
  /** Days since it was planted out. */
  daysOut: number | null
  /** What the climate of the place favours, whatever its weather. */
  climate: ClimateFavours | null
  /** Leaves or suckers were cut in the last fortnight. */
  wasCut: boolean | null
  /** Open cases of sucking insects and viruses elsewhere in the garden. */
  guestsAbout: boolean | null
}

/** A plant of a crop of which nothing else is known. */
export const unknownPlant = (crop: Crop): HealthContext => ({
  crop,
  age: null,
  bush: null,
  grafted: null,
  proneness: null,
  large: null,
  underCover: null,
  inPot: null,
  sandy: null,
  weather: null,
  water: null,
  feed: null,
  soil: null,
  rested: null,
  daysOut: null,
  climate: null,
  wasCut: null,
  guestsAbout: null,
})

interface Holds {
  holds: boolean
  values: Record<string, Measure>
}

/** Severity a day, °C, mm and days from which each condition holds; where no source gives one. */
const LIMITS = {
  severity: 0.5,
  warmRain: 30,
  warm: 18,
  hotHigh: 29,
  dryRain: 10,
  heat: 34,
  cold: 2,
  poorSet: 0.6,
  dryDays: 2,
  drench: 20,
  drySpell: 8,
  proneness: 0.5,
  ph: 7.2,
  frost: 2,
  gale: 8,
  justPlanted: 14,
  rested: 3,
}

const of = (holds: boolean, values: Record<string, Measure> = {}): Holds => ({ holds, values })
const weather =
  (test: (weather: PastWeather) => Holds) =>
  (context: HealthContext): Holds | null =>
    context.weather && test(context.weather)
const told = (known: boolean | null) => (known === null ? null : of(known))
const aged =
  (...ages: PlantAge[]) =>
  ({ age }: HealthContext) =>
    age === null ? null : of(ages.includes(age))

/** What makes a cause likelier: whether it holds, with its numbers; null: not known. */
export const CONDITIONS = {
  'wet-leaves': weather(({ severity }) =>
    of(severity >= LIMITS.severity, { severity: count(Math.round(severity * 10) / 10) }),
  ),
  'blight-nights': weather(({ blightOn }) =>
    blightOn === null ? of(false) : of(true, { date: onDate(blightOn) }),
  ),
  'warm-rain': weather(({ rain, mean }) =>
    of(rain >= LIMITS.warmRain && mean >= LIMITS.warm, { rain: waterDepth(rain), mean: temperature(mean) }),
  ),
  'hot-dry': weather(({ meanHigh, rain }) =>
    of(meanHigh >= LIMITS.hotHigh && rain < LIMITS.dryRain, {
      high: temperature(meanHigh),
      rain: waterDepth(rain),
    }),
  ),
  heat: weather(({ hottest }) => of(hottest >= LIMITS.heat, { high: temperature(hottest) })),
  'cold-nights': weather(({ coldNights }) => of(coldNights >= LIMITS.cold, { nights: count(coldNights) })),
  'frost-night': weather(({ coldest }) => of(coldest <= LIMITS.frost, { low: temperature(coldest) })),
  'strong-wind': weather(({ windiest }) => of(windiest >= LIMITS.gale, { wind: speed(windiest) })),
  'poor-set': weather(({ set }) => of(set < LIMITS.poorSet, { set: share(set) })),
  'dry-spell': weather(({ sinceRain }) => of(sinceRain >= LIMITS.drySpell, { days: days(sinceRain) })),
  drenched: ({ weather: past, water }: HealthContext) =>
    past === null
      ? null
      : of(
          past.wettest >= LIMITS.drench || (past.wettest >= LIMITS.drench / 2 && (water?.dryDays ?? 0) > 0),
          {
            rain: waterDepth(past.wettest),
          },
        ),
  'dry-days': ({ water }: HealthContext) =>
    water && of(water.dryDays >= LIMITS.dryDays, { days: days(water.dryDays) }),
  'dry-now': ({ water }: HealthContext) => water && of(water.dryNow),
  'soaked-ground': ({ water }: HealthContext) => water && of(water.soaked),
  'too-much-nitrogen': ({ feed }: HealthContext) => feed && of(feed.glut),
  'little-nitrogen': ({ feed }: HealthContext) => feed && of(feed.littleNitrogen),
  'little-potassium': ({ feed }: HealthContext) => feed && of(feed.littlePotassium),
  'high-ph': ({ soil }: HealthContext) => soil && of(soil.ph >= LIMITS.ph, { ph: count(soil.ph) }),
  'low-calcium': ({ soil }: HealthContext) => soil && of(soil.calciumLow),
  'same-ground': ({ rested, inPot }: HealthContext) => {
    if (inPot === null) return null
    if (inPot || rested === null) return of(false)
    return of(rested <= LIMITS.rested, { years: count(rested) })
  },
  'under-cover': ({ underCover }: HealthContext) => told(underCover),
  'in-pot': ({ inPot }: HealthContext) => told(inPot),
  'sandy-ground': ({ sandy, inPot }: HealthContext) => told(sandy && inPot === false),
  'prone-to-rot': ({ proneness }: HealthContext) =>
    told(proneness === null ? null : proneness >= LIMITS.proneness),
  'large-fruited': ({ large }: HealthContext) => told(large),
  grafted: ({ grafted }: HealthContext) => told(grafted),
  'just-planted': ({ daysOut }: HealthContext) =>
    daysOut === null ? null : of(daysOut <= LIMITS.justPlanted, { days: days(daysOut) }),
  'arid-climate': ({ climate }: HealthContext) => climate && of(climate.arid),
  'humid-south': ({ climate }: HealthContext) => climate && of(climate.humidSouth),
  'cool-maritime': ({ climate }: HealthContext) => climate && of(climate.coolMaritime),
  'after-cutting': ({ wasCut }: HealthContext) => told(wasCut),
  'guests-about': ({ guestsAbout }: HealthContext) => told(guestsAbout),
  seedlings: aged('seedling'),
  'young-plants': aged('young'),
  flowering: aged('flowering', 'bearing', 'ripening'),
  bearing: aged('bearing', 'ripening'),
  ripening: aged('ripening'),
  'ripening-bush': ({ age, bush }: HealthContext) =>
    age === null || bush === null ? null : of(bush && age === 'ripening'),
} as const satisfies Record<string, (context: HealthContext) => Holds | null>

export type ConditionId = keyof typeof CONDITIONS

/** How a condition moves a cause: its factor where it holds, the inverse root where it is known not to. */
export function weigh(factor: number, holds: boolean | null): number {
  if (holds === null) return 1
  if (factor < 1) return holds ? factor : 1
  return holds ? factor : 1 / Math.sqrt(factor)
}
