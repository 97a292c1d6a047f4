import type { IsoDate } from '../../core/calendar'
import { OBSTACLE_DENSITY, type GardenCultivar, type Obstacle, type Place } from '../../core/facts'

/** Windrow Lane: an invented shared garden on an open plain. Every name is made up. */

const always = { from: null, to: null }
const flat = { turn: 0, height: null, emitterFirst: 0.15, emitterFlow: null, walk: null, pot: null }

const bed = (number: number, y: number, more: Partial<Place> = {}): Place => ({
  id: `demo-bed-${number}`,
  name: `Bed ${number}`,
  kind: 'bed',
  x: 2,
  y,
  length: 4.8,
  width: 1.2,
  soilDepth: 0.35,
  raised: true,
  mulch: 'straw',
  openSides: ['north', 'south'],
  dripLines: [0.23, 0.97],
  emitterSpacing: 0.3,
  ...flat,
  ...always,
  ...more,
})

const rows = (letter: string, y: number): Place => ({
  id: `demo-row-${letter.toLowerCase()}`,
  name: `Row ${letter}`,
  kind: 'rows',
  x: 9,
  y,
  length: 12,
  width: 1.1,
  soilDepth: 0.45,
  raised: false,
  mulch: 'bare',
  openSides: ['north', 'south'],
  dripLines: [0.55],
  emitterSpacing: 0.3,
  ...flat,
  emitterFirst: 0.3,
  ...always,
})

const pot = (number: number): Place => ({
  id: `demo-pot-${number}`,
  name: `Pot ${number}`,
  kind: 'container',
  x: 2 + (number - 1) * 0.7,
  y: 14,
  length: 0.42,
  width: 0.42,
  soilDepth: 0.36,
  raised: false,
  mulch: 'bare',
  openSides: ['north', 'south', 'east', 'west'],
  dripLines: [],
  emitterSpacing: null,
  ...flat,
  emitterFirst: null,
  height: 0.4,
  pot: { shape: 'tapered', bottom: 0.34, selfWatering: false },
  ...always,
})

export const PLACES: Place[] = [
  bed(1, 2),
  bed(2, 4.2, { dripLines: [0.6] }),
  bed(3, 6.4, { dripLines: [0.6] }),
  bed(4, 8.6, { dripLines: [0.6] }),
  bed(5, 10.8, { mulch: 'grass', dripLines: [0.3, 0.9] }),
  rows('A', 2),
  rows('B', 4.2),
  {
    id: 'demo-tunnel',
    name: 'Tunnel',
    kind: 'tunnel',
    x: 9,
    y: 8.6,
    length: 6,
    width: 2.4,
    soilDepth: 0.4,
    raised: false,
    mulch: 'straw',
    openSides: ['north', 'south', 'east', 'west'],
    dripLines: [0.6, 1.8],
    emitterSpacing: 0.3,
    ...flat,
    height: 2.1,
    ...always,
  },
  ...[1, 2, 3, 4, 5, 6, 7, 8].map(pot),
  {
    ...bed(0, 12.4, { x: 9, length: 3, width: 1, dripLines: [], emitterSpacing: null, emitterFirst: null }),
    id: 'demo-old-bed',
    name: 'Old bed',
    to: '2025-10-31' as IsoDate,
  },
]

const obstacle = (
  kind: Obstacle['kind'],
  name: string,
  where: Pick<Obstacle, 'x' | 'y' | 'length' | 'width' | 'height'>,
): Obstacle => ({
  id: `demo-${name.toLowerCase().replace(/ /g, '-')}`,
  name,
  kind,
  turn: 0,
  density: OBSTACLE_DENSITY[kind],
  ...where,
  ...always,
})

export const OBSTACLES: Obstacle[] = [
  obstacle('fence', 'West fence', { x: 0, y: 0, length: 0.1, width: 17, height: 1.6 }),
  obstacle('shed', 'Tool shed', { x: 17.5, y: 12.8, length: 3, width: 2.4, height: 2.6 }),
  obstacle('tree', 'Pear tree', { x: 19.5, y: 6.2, length: 3.6, width: 3.6, height: 5 }),
]

type Traits = Pick<GardenCultivar, 'crop' | 'habit' | 'fruit' | 'origin' | 'daysToMaturity' | 'ripeColour'>
const cultivar = (slug: string, name: string, traits: Traits, notes = ''): GardenCultivar => ({
  id: `demo-${slug}`,
  name,
  maturityFrom: 'transplanting',
  grafted: false,
  notes,
  ...traits,
})

export const CULTIVARS: GardenCultivar[] = [
  cultivar('copperlace', 'Copperlace', {
    crop: 'tomato',
    habit: 'indeterminate',
    fruit: 'slicer',
    origin: 'hybrid',
    daysToMaturity: 74,
    ripeColour: 'red',
  }),
  cultivar('dusk-plum', 'Dusk Plum', {
    crop: 'tomato',
    habit: 'indeterminate',
    fruit: 'saladette',
    origin: 'open-pollinated',
    daysToMaturity: 70,
    ripeColour: 'purple',
  }),
  cultivar('sparrow-lamp', 'Sparrow Lamp', {
    crop: 'tomato',
    habit: 'indeterminate',
    fruit: 'cherry',
    origin: 'hybrid',
    daysToMaturity: 60,
    ripeColour: 'yellow',
  }),
  cultivar('old-harrow', 'Old Harrow', {
    crop: 'tomato',
    habit: 'indeterminate',
    fruit: 'beefsteak',
    origin: 'heirloom',
    daysToMaturity: 84,
    ripeColour: 'pink, green shoulders',
  }),
  cultivar('tin-roof', 'Tin Roof', {
    crop: 'tomato',
    habit: 'determinate',
    fruit: 'paste',
    origin: 'open-pollinated',
    daysToMaturity: 72,
    ripeColour: 'red',
  }),
  cultivar('ditch-wren', 'Ditch Wren', {
    crop: 'tomato',
    habit: 'determinate',
    fruit: 'slicer',
    origin: 'hybrid',
    daysToMaturity: 58,
    ripeColour: 'red',
  }),
  cultivar('pocket-thistle', 'Pocket Thistle', {
    crop: 'tomato',
    habit: 'dwarf',
    fruit: 'saladette',
    origin: 'open-pollinated',
    daysToMaturity: 66,
    ripeColour: 'orange',
  }),
  cultivar('barn-door', 'Barn Door', {
    crop: 'pepper',
    habit: null,
    fruit: 'bell',
    origin: 'hybrid',
    daysToMaturity: 70,
    ripeColour: 'red',
  }),
  cultivar('long-ember', 'Long Ember', {
    crop: 'pepper',
    habit: null,
    fruit: 'sweet-long',
    origin: 'open-pollinated',
    daysToMaturity: 76,
    ripeColour: 'orange',
  }),
  cultivar('matchwick', 'Matchwick', {
    crop: 'pepper',
    habit: null,
    fruit: 'hot-small',
    origin: 'heirloom',
    daysToMaturity: 80,
    ripeColour: 'red',
  }),
  cultivar('ridge-horn', 'Ridge Horn', {
    crop: 'pepper',
    habit: null,
    fruit: 'hot-large',
    origin: 'open-pollinated',
    daysToMaturity: 78,
    ripeColour: 'brown',
  }),
]
