import { normalsFor, usualClimate, type ClimateTemplateId, type Normals } from '../core/climate'
import type { Crop, Cultivar } from '../core/crop'
import { slicerTraits } from './slicer'

/** When growers of a kind of climate, or around a place, plant out by custom: month and day, and how many days it may lie off. */
export interface Custom {
  where: string
  latitude: number
  normals: Normals
  dates: Partial<Record<Crop, string>>
  within: number
}

const kind = (
  where: string,
  template: ClimateTemplateId,
  latitude: number,
  elevation: number,
  tomato: string,
  within = 10,
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
  within: 10,
})

export const CUSTOMS: Custom[] = [
  kind('maritime, 52° N', 'cool-maritime', 52, 50, '06-01'),
  kind('a valley at 2,000 m', 'high-valley', 38, 2000, '06-08'),
  kind('plain, 41° N', 'humid-warm-summer', 41, 300, '05-12'),
  kind('dry summer, 38° N', 'dry-summer-warm', 38, 50, '04-20'),
  kind('hot and half dry, 32° N', 'hot-semi-arid', 32, 300, '03-01'),
  kind('mild coast, 38° N', 'mild-coastal', 38, 50, '05-01'),
  kind('southern temperate, 37° S', 'southern-temperate', -37, 50, '11-03'),
  kind('plain, 50° N', 'short-summer-plain', 50, 300, '06-01', 14),
  at('45.5° N 122.7° W', 45.5, -122.7, 50, '05-15', '05-28'),
  at('41.9° N 12.5° E', 41.9, 12.5, 20, '04-25', '05-05'),
  at('48.9° N 2.4° E', 48.9, 2.4, 60, '05-15', '05-25'),
  at('33.9° S 18.4° E', -33.9, 18.4, 20, '09-25', '10-20'),
  at('33.7° N 84.4° W', 33.7, -84.4, 300, '04-15', '04-25'),
  at('45.0° N 93.3° W', 45, -93.3, 260, '05-20', '06-01'),
  at('42.4° N 71.1° W', 42.4, -71.1, 20, '05-20', '06-01'),
  at('39.7° N 105.0° W, 1,600 m', 39.7, -105, 1600, '05-20', '06-01'),
  at('29.8° N 95.4° W', 29.8, -95.4, 20, '03-08', '03-18'),
]

const of = (
  fruit: Cultivar['fruit'],
  daysToMaturity: number,
  habit: Cultivar['habit'] = 'indeterminate',
): Cultivar => ({ ...slicerTraits, fruit, daysToMaturity, habit })
const pepper = (fruit: Cultivar['fruit'], days: number): Cultivar => ({
  ...of(fruit, days, null),
  crop: 'pepper',
})

/** What packets say, d from planting out; a bell's and a large hot pepper's count to the green fruit. */
export const PACKETS: Cultivar[] = [
  of('slicer', 52),
  of('cherry', 57),
  of('cherry', 65),
  of('saladette', 70),
  of('slicer', 75),
  of('slicer', 80),
  of('beefsteak', 85),
  of('paste', 74, 'determinate'),
  of('slicer', 65, 'determinate'),
  pepper('bell', 72),
  pepper('hot-large', 75),
  pepper('hot-small', 80),
]
