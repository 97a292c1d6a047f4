import { describe, expect, it } from 'vitest'
import { daysBetween, isoDate } from '../calendar'
import {
  dateInSeason,
  normalsFor,
  OPEN_GROUND,
  seasonStart,
  simulateSeasons,
  usualClimate,
  type ClimateTemplateId,
  type Normals,
} from '../climate'
import { thermalTraits, type Crop } from '../crop'
import { plannedOpening, transplantWindow, TYPICAL, yearsIn } from '.'

interface Custom {
  where: string
  latitude: number
  normals: Normals
  /** When growers there plant out, and how many days it may lie off. */
  dates: Partial<Record<Crop, string>>
  within?: number
}
const kind = (
  where: string,
  template: ClimateTemplateId,
  latitude: number,
  elevation: number,
  tomato: string,
  within?: number,
): Custom => ({
  where,
  latitude,
  normals: normalsFor(template, { latitude, elevation }),
  dates: { tomato },
  within,
})
const at = (
  where: string,
  latitude: number,
  longitude: number,
  elevation: number,
  tomato: string,
  pepper: string,
): Custom => ({
  where,
  latitude,
  normals: usualClimate({ latitude, longitude, elevation }),
  dates: { tomato, pepper },
})

/** Customary dates by kind of climate, and by place from its stations. */
const CUSTOMS: Custom[] = [
  kind('maritime', 'cool-maritime', 52, 50, '06-01'),
  kind('a valley at 2,000 m', 'high-valley', 38, 2000, '06-08'),
  kind('plain at 41° N', 'humid-warm-summer', 41, 300, '05-12'),
  kind('dry summer', 'dry-summer-warm', 38, 50, '04-20'),
  kind('hot and half dry', 'hot-semi-arid', 32, 300, '03-01'),
  kind('mild coast', 'mild-coastal', 38, 50, '05-01'),
  kind('southern temperate', 'southern-temperate', -37, 50, '11-03'),
  kind('plain at 50° N', 'short-summer-plain', 50, 300, '06-01', 14),
  at('a western valley', 45.5, -122.7, 50, '05-15', '05-28'),
  at('the inland sea', 41.9, 12.5, 20, '04-25', '05-05'),
  at('a northern basin', 48.9, 2.4, 60, '05-15', '05-25'),
  at('a southern cape', -33.9, 18.4, 20, '09-25', '10-20'),
  at('a humid south', 33.7, -84.4, 300, '04-15', '04-25'),
  at('a northern interior', 45, -93.3, 260, '05-20', '06-01'),
  at('a northern shore', 42.4, -71.1, 20, '05-20', '06-01'),
  at('a high plain', 39.7, -105, 1600, '05-20', '06-01'),
  at('a warm gulf', 29.8, -95.4, 20, '03-08', '03-18'),
]

describe('the planned day to plant out', () => {
  const cases = CUSTOMS.flatMap(({ dates, ...custom }) =>
    (Object.entries(dates) as [Crop, string][]).map(
      ([crop, day]) => [custom.where, crop, day, custom] as const,
    ),
  )
  it.each(cases)(
    'in %s of a %s is about %s, as growers there have it',
    (_, crop, day, { normals, latitude, within = 10 }) => {
      const ensemble = simulateSeasons({ normals, latitude })
      const start = seasonStart(normals, isoDate('2026-06-15'))
      const window = transplantWindow(yearsIn(ensemble, OPEN_GROUND), crop, thermalTraits(TYPICAL[crop]))
      const planned = dateInSeason(start, plannedOpening(window)!)
      const custom = isoDate(`${planned.slice(0, 4)}-${day}`)
      expect(Math.abs(daysBetween(planned, custom))).toBeLessThanOrEqual(within)
      expect(window.ideal.p50!).toBeGreaterThanOrEqual(window.opens.p50!)
      expect(window.opens.p50!).toBeGreaterThanOrEqual(window.safeFrom)
    },
  )
})
