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

  constructor(
    private readonly series: DailySeries,
    private readonly site: WeatherSite,
    air: Air,
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
    return this.column('et0', () => {
      const { from, tmin, tmax, dewPoint, wind, solar } = this.series
      const above = radiationByDay(this.site)
      return (day) =>
        penmanMonteith({
          tmin: tmin[day]!,
          tmax: tmax[day]!,
          vapour: saturationPressure(dewPoint[day]!),
          wind: wind[day]!,
          solar: solar[day]!,
          above: above[dayOfYear(dateFromEpochDay(from + day)) - 1]!,
          elevation: this.site.elevation,
        })
    })
  }
  /** What wind and dry air add to a grown crop's Kc. */
  get kcOfAir(): Float64Array {
    return this.column('kc', () => {
      const { tmax, dewPoint, wind } = this.series
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
    return this.wetness().severity
  }
  /** How far a day is late blight's, 0–1: the second of two mild humid days and every further one, less in heat. */
  get blight(): Float64Array {
    return this.wetness().blight
  }
  private wetness() {
    return remembered(this, 'wetness', () => {
      const { from: first, tmin, tmax, dewPoint, rain } = this.series
      const { from, stops } = DISEASE.blightHeat
      const [severity, blight] = [new Float64Array(this.days), new Float64Array(this.days)]
      let suited = false
      for (let day = 0; day < this.days; day++) {
        const air = { tmin: tmin[day]!, tmax: tmax[day]!, dewPoint: dewPoint[day]!, rain: rain[day]! }
        const isArid = this.site.arid[monthOf(dateFromEpochDay(first + day)) - 1]!
        const { hours, meanTemperature } = leafWetness(air, isArid)
        severity[day] = meanTemperature === null ? 0 : wetnessSeverity(hours, meanTemperature)
        const suits = isBlightDay(air, isArid)
        blight[day] = suits && suited ? Math.max(0, Math.min(1, (stops - air.tmax) / (stops - from))) : 0
        suited = suits
      }
      return { severity, blight }
    })
  }
  /** Thermal time, °C d. @param lift °C that a cloth adds to the night */
  degreeDays(crop: Crop, lift = 0): Float64Array {
    return this.column(`degree-days ${crop} ${lift}`, () => (day) => {
      const tmin = this.tmin[day]! + lift
      return degreeDays({ tmin, tmax: Math.max(tmin, this.tmax[day]!) }, THERMAL_LIMITS[crop])
    })
  }
  /** Share of the flowers that the weather lets set, over the days around each, 0–1. */
  fruitSet(cultivar: Pick<Cultivar, 'crop' | 'fruit'>): Float64Array {
    const shift = heatShift(cultivar)
    return this.column(`set ${cultivar.crop} ${shift}`, () => {
      const alone = Float64Array.from(this.tmin, (nightMinimum, day) =>
        fruitSet({ nightMinimum, dayMaximum: this.tmax[day]! }, cultivar.crop, shift),
      )
      return (day) => {
        let [sum, count] = [0, 0]
        for (let near = day - SETS_OVER; near <= day + SETS_OVER; near++)
          if (near >= 0 && near < this.days) {
            sum += alone[near]!
            count++
          }
        return sum / count
      }
    })
  }
  /** How fast what is in the soil comes free, of its pace at 20 °C. */
  release({ body, mulch }: Ground): Float64Array {
    return this.column(`release ${body} ${mulch}`, () => {
      const soil = soilTemperatures(this.series, ROOTS_AT, { body, mulch, underCover: this.isCovered })
      return (day) => releasePace(soil[day]!)
    })
  }

  private column(name: string, made: () => (day: number) => number): Float64Array {
    let known = this.columns.get(name)
    if (!known) {
      const value = made()
      known = new Float64Array(this.days)
      for (let day = 0; day < this.days; day++) known[day] = value(day)
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
    return ensemble.seasons.map(
      (season) => new SeasonWeather(air === 'open' ? season : insideSeries(season), felt, air),
    )
  })
}
