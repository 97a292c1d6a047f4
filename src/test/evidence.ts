import { daysBetween, isoDate } from '../core/calendar'
import {
  dateInSeason,
  daylightHours,
  extraterrestrialRadiation,
  hargreavesEvapotranspiration,
  normalsFor,
  OPEN_GROUND,
  referenceEvapotranspiration,
  seasonStart,
  simulateSeasons,
  wetnessSeverity,
} from '../core/climate'
import {
  plantTraits,
  THERMAL_LIMITS,
  thermalTraits,
  USUAL_VINE,
  type Crop,
  type Cultivar,
} from '../core/crop'
import { yieldInSalt } from '../core/feeding'
import {
  daysToEmergence,
  plannedOpening,
  stageDays,
  stagePlan,
  transplantWindow,
  TYPICAL,
  yearsIn,
} from '../core/season'
import { gustAt } from '../core/support'
import { rootZone, wiltingPoint } from '../core/watering'
import { CUSTOMS, PACKETS } from './customs'
import { sixSlicers } from './sample-garden'

/** A published or customary value beside ours. */
export interface Evidence {
  what: string
  source: string
  published: number
  ours: number
  unit: string
  digits: number
  /** Off by no more than this, in the unit. */
  within: number
}

const row = (
  what: string,
  source: string,
  [published, ours]: readonly [number, number],
  [unit, digits]: readonly [string, number],
  within: number,
): Evidence => ({ what, source, published, ours, unit, digits, within })

const FAO = 'Allen et al. 1998, FAO-56'

function weather(): Evidence[] {
  const penman = referenceEvapotranspiration({
    ...{ latitude: 50.8, elevation: 100, dayOfYear: 187, tmin: 12.3, tmax: 21.5, rhMin: 63, rhMax: 84 },
    ...{ windSpeed: 10 / 3.6, windHeight: 10, sunshineHours: 9.25 },
  })
  return [
    row(
      'Radiation above the air, 20° S, 3 September',
      `${FAO}, example 8`,
      [32.2, extraterrestrialRadiation(-20, 246)],
      ['MJ/m² d', 1],
      0.1,
    ),
    row('Daylight, 20° S, 3 September', `${FAO}, example 9`, [11.7, daylightHours(-20, 246)], ['h', 1], 0.1),
    row(
      'Reference evapotranspiration, 50.8° N, 6 July',
      `${FAO}, example 18`,
      [3.9, penman],
      ['mm/d', 1],
      0.1,
    ),
    row(
      'The same by temperatures alone, 45.7° N, July',
      `${FAO}, example 20`,
      [5.0, hargreavesEvapotranspiration({ latitude: 45.72, dayOfYear: 196, tmin: 14.8, tmax: 26.6 })],
      ['mm/d', 1],
      0.1,
    ),
    row('Wind at 2 m of 1 m/s at 10 m', `${FAO}, equation 47`, [0.748, gustAt(1, 10, 2)], ['m/s', 3], 0.001),
    ...(
      [
        [10, 16, 1],
        [10, 19.5, 2],
        [10, 23, 2],
        [21, 23, 4],
        [23, 19.5, 4],
        [6, 16, 0],
      ] as const
    ).map(([hours, mean, published]) =>
      row(
        `Early-blight severity of ${hours} wet hours at ${mean} °C`,
        'Madden et al. 1978; Pitblado 1992',
        [published, wetnessSeverity(hours, mean)],
        ['', 0],
        0,
      ),
    ),
  ]
}

function growth(): Evidence[] {
  const { base } = THERMAL_LIMITS.tomato
  const { leavesBetween, leafEvery } = plantTraits(USUAL_VINE)
  const fruit = [
    [14, 95],
    [18, 65],
    [22, 46],
    [26, 42],
  ] as const
  const emergence = [
    ['tomato', 10, 43],
    ['tomato', 15, 14],
    ['tomato', 20, 8],
    ['tomato', 25, 6],
    ['tomato', 35, 9],
    ['pepper', 15, 25],
    ['pepper', 20, 13],
    ['pepper', 25, 8],
  ] as const
  return [
    ...emergence.map(([crop, soil, published]) =>
      row(
        `Days until a ${crop} is up, soil at ${soil} °C`,
        'Harrington & Minges 1954',
        [published, daysToEmergence(crop, soil)!],
        ['d', 1],
        0.05,
      ),
    ),
    ...fruit.map(([mean, published]) =>
      row(
        `Days from flower to ripe at ${mean} °C`,
        'Adams, Cockshull & Cave 2001',
        [published, thermalTraits(USUAL_VINE).ripening / (mean - base)],
        ['d', 0],
        published * 0.07,
      ),
    ),
    ...[16, 18, 20, 22, 24].map((mean) =>
      row(
        `Trusses a day at ${mean} °C`,
        'De Koning 1994',
        [-0.2903 + 0.1454 * Math.log(mean), (mean - base) / (leavesBetween * leafEvery)],
        ['', 3],
        0.02,
      ),
    ),
  ]
}

function ground(): Evidence[] {
  const wilting = [
    ['sand', 0.045],
    ['sandy-loam', 0.11],
    ['loam', 0.12],
    ['clay-loam', 0.19],
    ['clay', 0.22],
  ] as const
  return [
    ...wilting.map(([soil, published]) =>
      row(
        `Wilting point of ${soil.replace('-', ' ')}`,
        `${FAO}, table 19`,
        [published, wiltingPoint(soil)],
        ['m³/m³', 3],
        0.0005,
      ),
    ),
    row(
      'Easily taken water of 0.7 m of loam, tomato, ETc 5 mm/d',
      `${FAO}, table 22`,
      [44.8, rootZone('tomato', 0.16, 0.7, 5).raw],
      ['mm', 1],
      0.05,
    ),
    row(
      'Crop left at 4.5 dS/m, tomato',
      'Maas & Hoffman 1977',
      [0.802, yieldInSalt('tomato', 4.5)],
      ['', 3],
      0.001,
    ),
    row(
      'Crop left at 3.0 dS/m, pepper',
      'Maas & Hoffman 1977',
      [0.79, yieldInSalt('pepper', 3)],
      ['', 3],
      0.001,
    ),
  ]
}

/** Day of a leap-free year of a month and day, for showing dates as numbers. */
const dayOf = (monthDay: string) => daysBetween(isoDate('2026-01-01'), isoDate(`2026-${monthDay}`)) + 1

function windows(): Evidence[] {
  return CUSTOMS.flatMap(({ where, latitude, normals, dates, within }) => {
    const ensemble = simulateSeasons({ normals, latitude })
    const start = seasonStart(normals, isoDate('2026-06-15'))
    return (Object.entries(dates) as [Crop, string][]).map(([crop, custom]) => {
      const window = transplantWindow(yearsIn(ensemble, OPEN_GROUND), crop, thermalTraits(TYPICAL[crop]))
      const planned = dateInSeason(start, plannedOpening(window)!)
      return row(
        `Planting out a ${crop}, ${where}`,
        'growers’ custom',
        [dayOf(custom), dayOf(planned.slice(5))],
        ['day of year', 0],
        within,
      )
    })
  })
}

/** Days from planting out a standard plant on a day to its first pick, in the middle year of the plain at 41° N. */
export function daysToPick(cultivar: Cultivar, climate: PickClimate = PLAIN): number | null {
  const { template, latitude, elevation, setOut } = climate
  const normals = normalsFor(template, { latitude, elevation })
  const ensemble = simulateSeasons({ normals, latitude, count: 60 })
  const day = daysBetween(seasonStart(normals, isoDate(`2026-${setOut}`)), isoDate(`2026-${setOut}`))
  const plan = stagePlan(sixSlicers, cultivar, [], isoDate('2026-01-01'), () => -400)
  const inTray = { tomato: 38, pepper: 57 }[cultivar.crop]
  const days = yearsIn(ensemble, OPEN_GROUND).map((year) => {
    const dates = stageDays({ ...plan, logged: { 'set-out': day, emerge: day - inTray } }, year)
    const picked = dates['first-green'] ?? dates['first-ripe']
    return picked === null ? Infinity : picked - day
  })
  const middle = days.sort((a, b) => a - b)[Math.floor(days.length / 2)]!
  return Number.isFinite(middle) ? middle : null
}

/** A climate, and when plants go out there. */
export interface PickClimate {
  template: Parameters<typeof normalsFor>[0]
  latitude: number
  elevation: number
  setOut: string
}
/** Where packets are written for: warm summers of middle latitudes. */
export const PLAIN: PickClimate = {
  template: 'humid-warm-summer',
  latitude: 41,
  elevation: 300,
  setOut: '05-12',
}

const packets = (): Evidence[] =>
  PACKETS.map((cultivar) =>
    row(
      `First pick of a ${cultivar.habit === 'determinate' ? 'bush ' : ''}${cultivar.fruit.replace('-', ' ')}, plain at 41° N`,
      'its packet',
      [cultivar.daysToMaturity!, daysToPick(cultivar) ?? NaN],
      ['d', 0],
      cultivar.daysToMaturity! * 0.1,
    ),
  )

/** Published and customary values beside ours, by what they are about. */
export const evidence = (): Record<string, Evidence[]> => ({
  'Weather and wet leaves': weather(),
  'Seed, trusses and fruit': growth(),
  'Soil, water and salt': ground(),
  'Days to the first pick': packets(),
  'When to plant out': windows(),
})

/** As many digits as it is known by; nothing is less than nothing by its rounding. */
const show = (value: number, digits: number) => value.toFixed(digits).replace(/^-(0(?:\.0+)?)$/, '$1')

/** The table as it stands in the documents. */
export function evidenceTable(found: Record<string, Evidence[]> = evidence()): string {
  const parts = Object.entries(found).map(([about, rows]) =>
    [
      `## ${about}`,
      '',
      '| What | Published | Ours | Difference | Unit | Source |',
      '| --- | ---: | ---: | ---: | --- | --- |',
      ...rows.map(({ what, source, published, ours, unit, digits }) => {
        const difference = ours - published
        const off = show(difference, digits)
        const sign = difference > 0 && Number(off) !== 0 ? '+' : ''
        return `| ${what} | ${show(published, digits)} | ${show(ours, digits)} | ${sign}${off} | ${unit} | ${source} |`
      }),
      '',
    ].join('\n'),
  )
  return `# What the numbers are set against\n\nMade by \`npm run evidence\`. Each published or customary value beside what Prairie works out for it.\n\n${parts.join('\n')}`
}
