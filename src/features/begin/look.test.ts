import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { climateFor, lookAt, type LookAsked } from './look'

const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
const us = { units: 'us', decimals: 'point', dates: 'month-first' } as const
const november = isoDate('2026-11-28')
const at = (
  latitude: number,
  longitude: number,
  elevation: number,
  more: Partial<LookAsked> = {},
): LookAsked => ({
  site: { latitude, longitude, elevation },
  source: 'stations',
  known: { lastFrost: null, hottest: null },
  ...more,
})
async function looked(...asked: Parameters<typeof lookAt>) {
  const view = await lookAt(...asked)
  if ('fields' in view) throw new Error(JSON.stringify(view.fields))
  return view
}
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

describe('what a place is like', () => {
  it('is said in words and numbers, with where it comes from', async () => {
    const view = await looked(at(41.3, -96, 330), november, us)
    expect(view.kind).toBe('Very cold winters, hot summers, most rain in summer')
    expect(view.lines.map(({ text }) => text)).toEqual([
      'Coldest month, January',
      'Hottest month, July',
      'Average last frost',
      'Average first frost',
      'Rain in a year',
    ])
    expect(plain(view.lines.at(-1)!.value)).toMatch(/^\d+ in, most in (May|June|July)$/)
    expect(plain(view.from)).toMatch(/^From \d places? within \d+ miles?: Omaha/)
    expect(view.answer).toMatch(
      /^For 2027: sow tomatoes about (March|April) \d+, plant them out about May \d+\.$/,
    )
    expect(view.months).toHaveLength(12)
  })

  it('has two others to take, told by how they differ', async () => {
    const { others } = await looked(at(45.5, -122.7, 60), november, metric)
    expect(others).toHaveLength(2)
    for (const { name, like } of others) {
      expect(name).toMatch(/^(Milder|Colder|Hotter|Cooler) (winters|summers)/)
      expect(plain(like)).toMatch(/^like .+, \d+ km away$/)
    }
    const taken = await looked(at(45.5, -122.7, 60, { source: others[0]!.source }), november, metric)
    expect(taken.from).toMatch(/^As in /)
  })

  it('sows in the southern spring', async () => {
    const view = await looked(at(-37.8, 145, 30), isoDate('2026-08-01'), metric)
    expect(view.answer).toMatch(
      /^Sow tomatoes about \d+ (August|September), plant them out about \d+ (October|November)\.$/,
    )
    expect(view.lines.some(({ value }) => value === 'none in most years')).toBe(true)
  })

  it('says where it never gets warm enough', async () => {
    const view = await looked(at(78, 15, 100), november, metric)
    expect(view.answer).toMatch(/^It is never warm enough here/)
  })

  it('follows what the gardener knows, and says what cannot be', async () => {
    const known = { lastFrost: isoDate('2026-05-08'), hottest: 26 }
    const bent = await looked(at(41.3, -96, 330, { known }), november, metric)
    expect(bent.lines.find(({ text }) => text === 'Average last frost')!.value).toMatch(
      /^([4-9]|1[0-2]) May$/,
    )
    expect(plain(bent.lines[1]!.value)).toMatch(/ to 26 °C$/)
    const late = await climateFor(
      at(41.3, -96, 330, { known: { lastFrost: isoDate('2026-08-20'), hottest: null } }),
      metric,
    )
    expect(late).toHaveProperty('fields.lastFrost')
    const hot = await climateFor(at(41.3, -96, 330, { known: { lastFrost: null, hottest: 50 } }), us)
    expect(hot).toHaveProperty('fields.hottest')
  })
})
