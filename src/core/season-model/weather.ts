import { dateFromEpochDay, dayOfYear, monthOf } from '../calendar'
import {
  aridMonths,
  degreeDays,
  extraterrestrialRadiation,
  fruitSet,
  insideSeries,
  isBlightDay,
  leafWetness,
  penmanMonteith,
  saturationPressure,
  soilTemperatures,
  wetnessSeverity,
  type DailySeries,
  type Ensemble,
  type Mulch,
} from '../climate'
import { heatShift, THERMAL_LIMITS, type Crop, type Cultivar } from '../crop'
import { releasePace } from '../feeding'
import { remembered } from '../memo'
import { climateOfKc } from '../watering'
import { DISEASE } from './working-values'

/** A place's air: the open sky's, or what a tunnel or greenhouse makes of it. */
export type Air = 'open' | 'under-cover'

/** What lies over the soil and around it, as far as its warmth goes. */
export interface Ground {
  body: 'ground' | 'raised' | 'container'
  mulch: Mulch
}

/** Where the weather is felt: ° north, m, and which months are too dry for dew, January first. */
export interface WeatherSite {
  latitude: number
  elevation: number
  arid: readonly boolean[]
}

/** m at which the soil's warmth is taken. */
const ROOTS_AT = 0.15
/** m: the canopy by whose height wind and dry air move a Kc. */
const CANOPY = 1.5
/** Days around its opening that a flower sets by. */
const SETS_OVER = 2

/**
 * One season as every plant in one kind of air meets it: columns of a value a day, each worked out when it is first
 * asked for and once, and shared by all plantings and ways. Index 0 is the season's start.
 */
export class SeasonWeather {
  readonly days: number
  readonly tmin: Float64Array
  readonly tmax: Float64Array
  /** mm; none under cover. */
  readonly rain: Float64Array
  /** MJ m⁻² d⁻¹ that reach the plants, all wavelengths. */
  readonly solar: Float64Array
  readonly isCovered: boolean
  private readonly columns = new Map<string, Float64Array>()

  /** @param begins another season that begins with the same days, and how many of them are worked out the same */
  constructor(
    private readonly series: DailySeries,
    private readonly site: WeatherSite,
    air: Air,
    readonly begins: { with: SeasonWeather; days: number } | null = null,
  ) {
    this.isCovered = air === 'under-cover'
    this.days = series.days
    this.tmin = series.tmin
    this.tmax = series.tmax
    this.rain = series.rain
    this.solar = series.solar
  }

  /** Reference evapotranspiration, mm d⁻¹. */
  get et0(): Float64Array {
    return this.column('et0', ({ series, site }) => {
      const { from, tmin, tmax, dewPoint, wind, solar } = series
      const above = radiationByDay(site)
      return (day) =>
        penmanMonteith({
          tmin: tmin[day]!,
          tmax: tmax[day]!,
          vapour: saturationPressure(dewPoint[day]!),
          wind: wind[day]!,
          solar: solar[day]!,
          above: above[dayOfYear(dateFromEpochDay(from + day)) - 1]!,
          elevation: site.elevation,
        })
    })
  }
  /** What wind and dry air add to a grown crop's Kc. */
  get kcOfAir(): Float64Array {
    return this.column('kc', ({ series }) => {
      const { tmax, dewPoint, wind } = series
      return (day) =>
        climateOfKc({
          wind: wind[day]!,
          minimumHumidity: (100 * saturationPressure(dewPoint[day]!)) / saturationPressure(tmax[day]!),
          height: CANOPY,
        })
    })
  }
  /** Early-blight severity value of each day, 0–4. */
  get severity(): Float64Array {
    return this.column('severity', (of) => (day) => {
      const { hours, meanTemperature } = leafWetness(of.airOn(day), of.isArid(day))
      return meanTemperature === null ? 0 : wetnessSeverity(hours, meanTemperature)
    })
  }
  /** How far a day is late blight's, 0–1: the second of two mild humid days and every further one, less in heat. */
  get blight(): Float64Array {
    const { from, stops } = DISEASE.blightHeat
    return this.column('blight', (of) => {
      const suits = (day: number) => day >= 0 && isBlightDay(of.airOn(day), of.isArid(day))
      return (day) =>
        suits(day) && suits(day - 1) ? Math.max(0, Math.min(1, (stops - of.tmax[day]!) / (stops - from))) : 0
    })
  }
  private airOn(day: number) {
    const { tmin, tmax, dewPoint, rain } = this.series
    return { tmin: tmin[day]!, tmax: tmax[day]!, dewPoint: dewPoint[day]!, rain: rain[day]! }
  }
  private isArid(day: number): boolean {
    return this.site.arid[monthOf(dateFromEpochDay(this.series.from + day)) - 1]!
  }
  /** Thermal time, °C d. @param lift °C that a cloth adds to the night */
  degreeDays(crop: Crop, lift = 0): Float64Array {
    return this.column(`degree-days ${crop} ${lift}`, (of) => (day) => {
      const tmin = of.tmin[day]! + lift
      return degreeDays({ tmin, tmax: Math.max(tmin, of.tmax[day]!) }, THERMAL_LIMITS[crop])
    })
  }
  /** Share of the flowers that the weather lets set, over the days around each, 0–1. */
  fruitSet(cultivar: Pick<Cultivar, 'crop' | 'fruit'>): Float64Array {
    const { crop } = cultivar
    const shift = heatShift(cultivar)
    const alone = (of: SeasonWeather) =>
      of.column(
        `set alone ${crop} ${shift}`,
        () => (day) => fruitSet({ nightMinimum: of.tmin[day]!, dayMaximum: of.tmax[day]! }, crop, shift),
      )
    return this.column(`set ${crop} ${shift}`, (of) => {
      const set = alone(of)
      return (day) => {
        let [sum, count] = [0, 0]
        for (let near = day - SETS_OVER; near <= day + SETS_OVER; near++)
          if (near >= 0 && near < this.days) {
            sum += set[near]!
            count++
          }
        return sum / count
      }
    })
  }
  /** How fast what is in the soil comes free, of its pace at 20 °C. */
  release({ body, mulch }: Ground): Float64Array {
    return this.column(`release ${body} ${mulch}`, ({ series, isCovered }) => {
      const soil = soilTemperatures(series, ROOTS_AT, { body, mulch, underCover: isCovered })
      return (day) => releasePace(soil[day]!)
    })
  }

  private column(name: string, made: (of: SeasonWeather) => (day: number) => number): Float64Array {
    let known = this.columns.get(name)
    if (!known) {
      known = new Float64Array(this.days)
      const { begins } = this
      if (begins) known.set(begins.with.column(name, made).subarray(0, begins.days))
      const value = made(this)
      for (let day = begins?.days ?? 0; day < this.days; day++) known[day] = value(day)
      this.columns.set(name, known)
    }
    return known
  }
}

/** Radiation above the air by the day of the year, MJ m⁻² d⁻¹. */
const radiationByDay = (site: WeatherSite): Float64Array =>
  remembered(site, 'radiation', () =>
    Float64Array.from({ length: 366 }, (_, day) => extraterrestrialRadiation(site.latitude, day + 1)),
  )

/**
 * The seasons of an ensemble as plants meet them; the same objects each time that they are asked for.
 *
 * @param site ° north, m
 */
export function seasonWeathers(
  ensemble: Ensemble,
  site: { latitude: number; elevation: number },
  air: Air,
): readonly SeasonWeather[] {
  const { latitude, elevation } = site
  return remembered(ensemble, `weathers ${latitude} ${elevation} ${air}`, () => {
    const felt: WeatherSite = { latitude, elevation, arid: aridMonths(ensemble.normals, latitude) }
    const days = Math.max(0, (ensemble.known ?? 0) - SETS_OVER)
    let first: SeasonWeather | undefined
    return ensemble.seasons.map((season) => {
      const begins = first && days > 0 ? { with: first, days } : null
      const weather = new SeasonWeather(air === 'open' ? season : insideSeries(season), felt, air, begins)
      first ??= weather
      return weather
    })
  })
}
