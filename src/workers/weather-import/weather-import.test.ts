import { describe, expect, it } from 'vitest'
import { dewPointFromHumidity } from '../../core/climate'
import { readDate } from './dates'
import { decodeText } from './decode'
import { guessOf } from './guess'
import type { GardenWays, Mapping } from './mapping'
import { readingDays } from './read-days'
import { tableOf } from './table'

const METRIC = { decimals: 'point', units: 'metric', dates: 'day-first' } as const
const guessMapping = (text: string, garden: GardenWays) => guessOf(tableOf(text)!, garden).mapping
const read = (text: string, change: Partial<Mapping> = {}, garden: GardenWays = METRIC) => {
  const rows = tableOf(text)!
  const steps = readingDays(rows, { ...guessOf(rows, garden).mapping, ...change }, '2026-06-18')
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}
const reasons = (line: string) =>
  read(`date,tmin,tmax,rain\n2024-05-01,8,20,0\n${line}`).faults.map(({ reason }) => reason)

describe('a weather file’s text', () => {
  const text = 'date,tmin,tmax\n2024-05-01,8,20.5 °C\n'
  const utf16 = (order: 'le' | 'be', mark: boolean) => {
    const codes = [...(mark ? '\uFEFF' : ''), ...text].map((letter) => letter.charCodeAt(0))
    return new Uint8Array(
      codes.flatMap((code) => (order === 'le' ? [code & 255, code >> 8] : [code >> 8, code & 255])),
    )
  }
  it.each([
    ['utf-8', new TextEncoder().encode(text)],
    ['utf-8', new TextEncoder().encode('\uFEFF' + text)],
    ['utf-16le', utf16('le', true)],
    ['utf-16le', utf16('le', false)],
    ['utf-16be', utf16('be', true)],
    ['utf-16be', utf16('be', false)],
    ['windows-1252', Uint8Array.from(text, (letter) => letter.charCodeAt(0))],
  ] as const)('is read as %s', (encoding, bytes) => expect(decodeText(bytes)).toEqual({ text, encoding }))
  it('is refused when there is none', () => {
    expect(decodeText(new Uint8Array())).toEqual({ problem: 'empty' })
    expect(decodeText(new Uint8Array([80, 75, 3, 4, 20, 0, 0, 0, 8, 0, 65, 66, 0, 0, 9, 200]))).toEqual({
      problem: 'not-text',
    })
  })
})

describe('a weather table', () => {
  it('is read whatever its columns are called and in whatever order', () => {
    expect(read('Rain (mm);Max temp (°C);Min temp (°C);Datum\n2,5;21,3;9,8;01.05.2024').days).toEqual([
      { date: '2024-05-01', tmin: 9.8, tmax: 21.3, rain: 2.5, dewPoint: null, wind: null, solar: null },
    ])
    expect(
      read('2024-05-01,4,50,68\n2024-05-02,4,50,68', {
        columns: { date: 0, tmin: 2, tmax: 3 },
        temperature: 'f',
      }).days[0],
    ).toMatchObject({ tmin: 10, tmax: 20 })
  })
  it('brings °F, inches, miles and watts to what is kept', () => {
    const { days } = read(
      'DATE,TMIN_F,TMAX_F,PRCP in,wind mph,solar W/m2\n5/14/2024,50,77,0.5,10,250',
      {},
      { ...METRIC, dates: 'month-first' },
    )
    expect(days[0]).toEqual({
      date: '2024-05-14',
      tmin: 10,
      tmax: 25,
      rain: 12.7,
      dewPoint: null,
      wind: 4.47,
      solar: 21.6,
    })
  })
  it('takes °F for granted where highs are over 56', () => {
    expect(guessMapping('date,low,high\n2024-05-01,41,72\n2024-05-02,44,75', METRIC).temperature).toBe('f')
    expect(guessMapping('date,low,high\n2024-05-01,4,22\n2024-05-02,4,22', METRIC).temperature).toBe('c')
  })
  it('makes the dew point of the humidity, and lets that win over one that is given', () => {
    const [day] = read('date,tmin,tmax,dew,rh max,rh min\n2024-05-01,18,25,2,82,54').days
    // FAO-56 example 5: 1.70 kPa, which saturates at 15 °C.
    expect(day!.dewPoint).toBeCloseTo(15, 0)
    expect(dewPointFromHumidity({ tmin: 18, tmax: 25, rhMean: 68 })).toBeCloseTo(15.5, 0)
    expect(dewPointFromHumidity({ tmin: 18, tmax: 25, rhMean: 0 })).toBeNull()
  })
  it('reads day and month in the order that fits all lines, else in the garden’s', () => {
    expect(
      guessMapping('date,a,b\n13/05/2024,1,2\n02/05/2024,1,2', { ...METRIC, dates: 'month-first' })
        .dateFormat,
    ).toBe('dd/MM/yyyy')
    expect(
      guessMapping('date,a,b\n03/05/2024,1,2\n04/05/2024,1,3', { ...METRIC, dates: 'month-first' })
        .dateFormat,
    ).toBe('MM/dd/yyyy')
    expect(readDate('2024-05-03T06:00:00Z', 'yyyy-MM-dd')).toBe('2024-05-03')
    expect(readDate('20240503', 'yyyyMMdd')).toBe('2024-05-03')
    expect(readDate('3 May 2024', 'd MMM yyyy')).toBe('2024-05-03')
  })
  it.each([
    ['2024-05-02,21,20,0', 'the low, 21, is over the high, 20'],
    ['2024-05-02,8,20,-1', 'the rain, -1, is less than none'],
    ['2024-05-01,8,20,0', '2024-05-01 is on line 2 already'],
    ['2023-02-29,8,20,0', '“2023-02-29”: that year has no 29 February'],
    ['someday,8,20,0', '“someday” is no date written yyyy-MM-dd'],
    ['2024-05-02,8,warm,0', 'the high, “warm”, is no number'],
    ['2024-05-02,8,,0', 'the high is missing'],
    ['2024-05-02,8,99,0', 'the high, 99, cannot be'],
    ['2030-05-02,8,20,0', '2030-05-02 is more than 16 days ahead: no forecast reaches so far'],
  ])('refuses %s: %s', (line, reason) => expect(reasons(line)).toEqual([reason]))
  it('reports every wrong line by its number, and takes the others', () => {
    const { days, faults } = read(
      'date,tmin,tmax\n2024-05-01,8,20\nx,8,20\n\n2024-05-02,30,20\n2024-05-03,NA,20\n2024-05-04,9,21\n',
    )
    expect(days.map(({ date }) => date)).toEqual(['2024-05-01', '2024-05-04'])
    expect(faults.map(({ line }) => line)).toEqual([3, 5, 6])
  })
})
