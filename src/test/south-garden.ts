import type { IsoDate } from '../core/calendar'
import { gardenOf, SET_OUT } from './garden'

/**
 * Gull Reach: the garden that the demo is not. In the south, in US units with a decimal comma, its season across the
 * turn of the year: a bed of both crops, one raised and one bought; a row sown where it grows; cultivars that share
 * parts of their names; last season put away.
 */
export function southGarden() {
  const garden = gardenOf({
    name: 'Gull Reach',
    latitude: -35.4,
    longitude: 174.2,
    elevation: 40,
    timeZone: 'Pacific/Auckland',
    units: 'us',
    decimals: 'comma',
    dates: 'month-first',
    clockDate: '2027-01-20' as IsoDate,
    climateTemplate: 'southern-temperate',
    template: 'southern-temperate',
  })
  const bed = garden.place('North Strip', 'bed', [4.8, 1.2], {
    dripLines: [0.3, 0.9],
    emitterSpacing: 0.3,
  })
  const row = garden.place('Shore Row', 'rows', [6, 0.6])
  const tub = garden.place('Tub', 'container', [0.45, 0.45])
  const tunnel = garden.place('Glass', 'tunnel', [5, 2.4])

  const lantern = garden.cultivar('Little Lantern', { fruit: 'cherry', habit: 'indeterminate' })
  const gold = garden.cultivar('Little Lantern Gold', {
    fruit: 'cherry',
    habit: 'determinate',
    daysToMaturity: 62,
  })
  const reef = garden.cultivar('Reef', {
    crop: 'pepper',
    habit: null,
    fruit: 'bell',
    daysToMaturity: 72,
  })

  const last = garden.planting(lantern, bed, 4, { season: 2025 })
  garden.enter(last, 'sown', '2025-09-01', { seeds: 8 })
  garden.enter(last, 'set-out', '2025-11-03', { count: 4, ...SET_OUT })
  garden.enter(last, 'picked', '2026-01-14', { mass: 3.2, count: 160 })
  garden.enter(last, 'cleared', '2026-04-20', {})
  garden.file.archive.push({ season: 2025, through: '2026-06-30' as IsoDate })

  const raised = garden.planting(lantern, bed, 3)
  garden.enter(raised, 'sown', '2026-09-02', { seeds: 6 })
  garden.enter(raised, 'emerged', '2026-09-10', { count: 5 })
  garden.enter(raised, 'set-out', '2026-11-05', { count: 3, ...SET_OUT })
  garden.enter(raised, 'picked', '2027-01-12', { mass: 0.9, count: 48 })
  const bought = garden.planting(reef, bed, 4, { spacingSchool: 'tight' })
  garden.enter(bought, 'set-out', '2026-11-14', { count: 4, ...SET_OUT })
  const sown = garden.planting(gold, row, 6, { raising: 'direct', training: 'bush', support: 'none' })
  garden.enter(sown, 'sown', '2026-10-20', { seeds: 18 })
  garden.enter(sown, 'emerged', '2026-10-31', { count: 6 })
  const planned = garden.planting(reef, tub, 1)

  garden.enter(bed, 'watered', '2027-01-18', { litres: 60 })
  garden.enter(row, 'watered', '2027-01-17', { litres: 40 })
  garden.enter(bed, 'note', '2027-01-02', {}, { note: 'salt wind from the north' })
  return { garden, bed, row, tub, tunnel, lantern, gold, reef, last, raised, bought, sown, planned }
}
