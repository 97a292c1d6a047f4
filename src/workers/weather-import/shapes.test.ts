import { describe, expect, it } from 'vitest'
import { saturationPressure } from '../../core/climate'
import { guessOf } from './guess'
import type { GardenWays } from './mapping'
import { readingDays } from './read-days'
import { tableOf } from './table'

/** Files as people get them, with made-up numbers: each is read with nothing said about it. */

const METRIC: GardenWays = { decimals: 'point', units: 'metric', dates: 'day-first' }
const US: GardenWays = { decimals: 'point', units: 'us', dates: 'month-first' }
const TODAY = '2026-06-18'

function opened(text: string, garden = METRIC) {
  const rows = tableOf(text)!
  const guess = guessOf(rows, garden)
  const steps = readingDays(rows, guess.mapping, TODAY)
  let step = steps.next()
  while (!step.done) step = steps.next()
  return { ...guess, ...step.value }
}

const pad = (value: number) => String(value).padStart(2, '0')
/** Days of May 2026 with a low, a high and rain, the same in every file. */
const MAY = Array.from({ length: 31 }, (_, index) => ({
  day: index + 1,
  low: 4 + index * 0.2 + (index % 7) * 0.5,
  high: 14 + index * 0.2 + (index % 9) * 0.8,
  rain: index % 4 === 0 ? 3.2 : 0,
}))
const MAY_DAYS = MAY.map(({ day, low, high, rain }) => ({
  date: `2026-05-${pad(day)}`,
  tmin: Math.round(low * 10) / 10,
  tmax: Math.round(high * 10) / 10,
  rain,
}))
const asMay = (days: readonly { date: string; tmin: number; tmax: number; rain: number | null }[]) =>
  days.map(({ date, tmin, tmax, rain }) => ({ date, tmin, tmax, rain }))
/** An hour's temperature of a day: lowest at five, highest at three in the afternoon. */
const at = ({ low, high }: (typeof MAY)[number], hour: number) =>
  hour === 5
    ? low
    : hour === 15
      ? high
      : (low + high) / 2 + ((high - low) / 2.2) * Math.sin(((hour - 10) / 12) * Math.PI)
const one = (value: number) => value.toFixed(1)

describe('a weather file', () => {
  it('1: with lines before its heading and its units under it', () => {
    const { days, faults, heads } = opened(
      [
        'Station,Hill garden',
        'Latitude,51.20,Longitude,7.10',
        'Made 2026-06-01',
        '',
        'Day,Lowest,Highest,Rain',
        ',°C,°C,mm',
        ...MAY.map(({ day, low, high, rain }) => `2026-05-${pad(day)},${one(low)},${one(high)},${rain}`),
      ].join('\n'),
    )
    expect(heads).toEqual(['Day', 'Lowest °C', 'Highest °C', 'Rain mm'])
    expect(faults).toEqual([])
    expect(asMay(days)).toEqual(MAY_DAYS)
  })

  it('2: of hourly rows is gathered into days: lowest, highest, sum, and moisture by its vapour', () => {
    const lines = MAY.slice(0, 3).flatMap((day) =>
      Array.from(
        { length: 24 },
        (_, hour) =>
          `2026-05-${pad(day.day)} ${pad(hour)}:00;${one(at(day, hour))};${hour === 12 ? day.rain : 0};80;3.0`,
      ),
    )
    const { days, faults, mapping } = opened(
      ['Time;Air temp (°C);Rain (mm);Humidity %;Wind m/s', ...lines].join('\n'),
    )
    expect(mapping).toMatchObject({ shape: 'readings', rainOf: 'each' })
    expect(faults).toEqual([])
    expect(asMay(days)).toEqual(MAY_DAYS.slice(0, 3))
    const vapour = Array.from(
      { length: 24 },
      (_, hour) => 0.8 * saturationPressure(Number(one(at(MAY[0]!, hour)))),
    )
    const mean = vapour.reduce((sum, value) => sum + value) / 24
    expect(saturationPressure(days[0]!.dewPoint!)).toBeCloseTo(mean, 1)
    expect(days[0]!.wind).toBeCloseTo(3, 1)
  })

  it('3: of rows every five minutes, its rain told as the day’s so far, and days cut short left out', () => {
    const lines = MAY.slice(0, 4).flatMap((day, index) =>
      Array.from({ length: index === 3 ? 60 : 288 }, (_, step) => {
        const hour = Math.floor(step / 12)
        const minute = (step % 12) * 5
        const half = hour < 12 ? 'AM' : 'PM'
        const rain = hour >= 9 ? day.rain / 25.4 : 0
        return `5/${day.day}/2026 ${hour % 12 === 0 ? 12 : hour % 12}:${pad(minute)} ${half},${(at(day, hour) * 1.8 + 32).toFixed(1)},${rain.toFixed(3)},75,150`
      }),
    )
    const { days, faults, mapping } = opened(
      ['Timestamp,Outdoor Temperature (℉),Daily Rain (in),Humidity,Solar (W/m²)', ...lines].join('\n'),
      US,
    )
    expect(mapping).toMatchObject({ shape: 'readings', rainOf: 'so-far', temperature: 'f', rain: 'in' })
    expect(asMay(days)).toEqual(MAY_DAYS.slice(0, 3))
    expect(days[0]!.solar).toBeCloseTo(150 * 0.0864, 1)
    expect(faults).toEqual([
      { line: 866, reason: '2026-05-04 has 60 of 288 readings: too few for its low and high' },
    ])
  })

  it('4: with its date over year, month and day', () => {
    const { days, mapping } = opened(
      [
        'station\tYYYY\tMM\tDD\tTmin\tTmax\tPrcp',
        ...MAY.map(({ day, low, high, rain }) => `9001\t2026\t5\t${day}\t${one(low)}\t${one(high)}\t${rain}`),
      ].join('\n'),
    )
    expect(mapping.columns).toMatchObject({ year: 1, month: 2, day: 3 })
    expect(asMay(days)).toEqual(MAY_DAYS)
  })

  it('5: of one value a row with its code, in whole tenths', () => {
    const { days, mapping, faults } = opened(
      MAY.flatMap(({ day, low, high, rain }) =>
        (
          [
            ['TMAX', high],
            ['TMIN', low],
            ['PRCP', rain],
            ['SNWD', 0],
          ] as const
        ).map(([code, value]) => `XX000001,202605${pad(day)},${code},${Math.round(value * 10)},,,S,0700`),
      ).join('\n'),
    )
    expect(mapping).toMatchObject({
      shape: 'codes',
      tenths: true,
      codes: { tmin: 'TMIN', tmax: 'TMAX', rain: 'PRCP' },
    })
    expect(faults).toEqual([])
    expect(asMay(days)).toEqual(MAY_DAYS)
  })

  it('6: with traces of rain, and what was not measured', () => {
    const { days } = opened(
      [
        'Date,Max,Min,Precip',
        '2026-05-01,17.0,6.0,T',
        '2026-05-02,17.8,6.5,tr',
        '2026-05-03,18.6,7.0,--',
        '2026-05-04,19.4,7.5,trace',
        '2026-05-05,20.2,8.0,1.5',
      ].join('\n'),
    )
    expect(days.map(({ rain }) => rain)).toEqual([0, 0, null, 0, 1.5])
  })

  it.each([
    ['Spanish', 'Fecha;Mínima (ºC);Máxima (ºC);Precipitación (mm);Viento (km/h)'],
    ['German', 'Datum;Tiefsttemperatur °C;Höchsttemperatur °C;Niederschlag mm;Wind km/h'],
    ['French', 'Date;Température minimale;Température maximale;Pluie (mm);Vent moyen (km/h)'],
    ['Italian', 'Data;Temp. minima °C;Temp. massima °C;Pioggia mm;Vento km/h'],
    ['Portuguese', 'Data;Mínima;Máxima;Chuva (mm);Vento (km/h)'],
    ['short', 'Date;TN;TX;RR;wind km/h'],
    ['another short', 'MESS_DATUM;TNK;TXK;RSK;FM km/h'],
  ])('7: with heads in another language, %s', (_, heads) => {
    const { days, mapping } = opened(
      [
        heads,
        ...MAY.map(({ day, low, high, rain }) =>
          `${pad(day)}.05.2026;${one(low)};${one(high)};${one(rain)};18`.replace(/(\d)\.(\d);/g, '$1,$2;'),
        ),
      ].join('\r\n'),
    )
    expect(mapping).toMatchObject({ decimals: 'comma', wind: 'km/h', temperature: 'c' })
    expect(asMay(days)).toEqual(MAY_DAYS)
    expect(days[0]!.wind).toBeCloseTo(5, 1)
  })

  it('8: with the units in its heads, °F, inches and miles', () => {
    const { days, mapping } = opened(
      [
        'date,tempmin ℉,tempmax ℉,rainfall in,wind mph,dew point ℉',
        ...MAY.map(
          ({ day, low, high, rain }) =>
            `5/${day}/2026,${(low * 1.8 + 32).toFixed(2)},${(high * 1.8 + 32).toFixed(2)},${(rain / 25.4).toFixed(3)},10,41`,
        ),
      ].join('\n'),
    )
    expect(mapping).toMatchObject({ temperature: 'f', rain: 'in', wind: 'mph', dateFormat: 'MM/dd/yyyy' })
    expect(days.map(({ tmin, tmax }) => [tmin, tmax])).toEqual(MAY_DAYS.map(({ tmin, tmax }) => [tmin, tmax]))
    expect(days[0]).toMatchObject({ rain: 3.2, dewPoint: 5, wind: 4.47 })
  })

  it('9: without any heading: its columns are told by their numbers', () => {
    const { days, mapping, heads, doubts } = opened(
      MAY.map(
        ({ day, low, high, rain }) =>
          `2026-05-${pad(day)},${one((low + high) / 2)},${one(high)},${one(low)},${rain},${60 + ((day * 11) % 36)}`,
      ).join('\n'),
    )
    expect(heads).toBeNull()
    expect(mapping).toMatchObject({
      heading: null,
      columns: { date: 0, tmax: 2, tmin: 3, rain: 4, humidity: 5 },
    })
    expect(doubts).toEqual([])
    expect(asMay(days)).toEqual(MAY_DAYS)
  })

  it('9b: without a heading, and with two columns that fit, is asked about', () => {
    const { mapping, doubts } = opened(
      MAY.map(
        ({ day, low, high }) => `2026-05-${pad(day)},${one(low)},${one(high)},${one(3.5 + ((day * 7) % 10))}`,
      ).join('\n'),
    )
    expect(doubts).toEqual([{ columns: [3], roles: ['wind', 'solar'] }])
    expect(mapping.columns).toEqual({ date: 0, tmin: 1, tmax: 2 })
  })

  it('10: of five megabytes', () => {
    const lines = ['time,temp_c,rain_mm,rh']
    for (let day = 0; day < 400; day++) {
      const date = new Date(Date.UTC(2025, 0, 1 + day)).toISOString().slice(0, 10)
      for (let step = 0; step < 288; step++)
        lines.push(
          `${date}T${pad(Math.floor(step / 12))}:${pad((step % 12) * 5)}:00+01:00,${(10 + (step % 20)).toFixed(3)},0.000,70.00`,
        )
    }
    const text = lines.join('\n')
    expect(text.length).toBeGreaterThan(5e6)
    const { days, faults } = opened(text)
    expect(faults).toEqual([])
    expect(days).toHaveLength(400)
    expect(days[399]).toMatchObject({ date: '2026-02-04', tmin: 10, tmax: 29, rain: 0 })
  })

  it('11: with rows ahead of the day, which are a forecast', () => {
    const { days, faults } = opened(
      [
        'date,low,high,rain',
        '2026-06-17,9,21,0',
        '2026-06-19,11,24,4',
        '2026-07-03,12,25,0',
        '2026-07-05,12,25,0',
      ].join('\n'),
    )
    expect(days.map(({ date }) => date)).toEqual(['2026-06-17', '2026-06-19', '2026-07-03'])
    expect(faults).toEqual([
      { line: 5, reason: '2026-07-05 is more than 16 days ahead: no forecast reaches so far' },
    ])
  })

  it('12: with columns that only spaces part, under a heading of remarks', () => {
    const { days } = opened(
      [
        '# made up numbers',
        '# STN YYYYMMDD   TN   TX   RH',
        ...MAY.map(
          ({ day, low, high, rain }) =>
            `  999 202605${pad(day)}  ${Math.round(low * 10)}  ${Math.round(high * 10)}   ${rain === 0 ? -1 : Math.round(rain * 10)}`,
        ),
      ].join('\n'),
    )
    expect(days.map(({ tmin, tmax }) => [tmin, tmax])).toEqual(MAY_DAYS.map(({ tmin, tmax }) => [tmin, tmax]))
  })

  it('is asked about the order of day and month where both fit', () => {
    const text = ['date,low,high', '01/02/2026,2,9', '02/02/2026,3,10', '03/02/2026,2,8'].join('\n')
    expect(opened(text)).toMatchObject({ isEitherWay: true, mapping: { dateFormat: 'dd/MM/yyyy' } })
    expect(opened(text, US)).toMatchObject({ isEitherWay: true, mapping: { dateFormat: 'MM/dd/yyyy' } })
    expect(opened(text.replace('03/02', '23/02'), US)).toMatchObject({
      isEitherWay: false,
      mapping: { dateFormat: 'dd/MM/yyyy' },
    })
  })
})
