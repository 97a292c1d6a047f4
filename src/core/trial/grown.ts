import type { Cultivar, Training } from '../crop'
import { daysBetween } from '../calendar'
import { potVolume } from '../containers'
import { STANDARD_GROWTH, raisedGrowth, thermalTraits, transplantCheck } from '../crop'
import { potOf, type Place, type SoilTexture, type SpacingSchool } from '../facts'
import { feedEntries, schoolFeeds } from '../feeding'
import type { AnyEntry } from '../entry'
import type { FlowerSchool } from '../pruning'
import { SEASON_DAYS, type WetnessPressure } from '../climate'
import { stageEntries, type PlantingOutlook } from '../season'
import type { PlanDose, PlanWatering, RootRoom, SeasonPlan } from '../season-model'
import { plantGround, plantingSpacing } from '../spacing'
import type { DepthSchool, FeedingSchool } from '../transplant'
import { WATERS_AT, type WateringSchool } from '../watering'

/** How it is watered: a house's way, or what others do. */
export const TRIAL_WATERINGS = [
  'even',
  'fixed-days',
  'dry-down',
  'radiation-shots',
  'inch-a-week',
  'a-little-daily',
  'rain',
  'over-leaves',
] as const
export type TrialWatering = (typeof TRIAL_WATERINGS)[number]

/** How one planting is grown, in the terms of its decisions. Days count from its season's start. */
export interface Grown {
  cultivar: Cultivar & { id: string }
  own: PlantingOutlook
  training: Training
  spacing: SpacingSchool
  place: Place
  soil: SoilTexture
  wetness: WetnessPressure
  /** When it goes out; null: it never does. Whether it stands already, and today. */
  setOut: number | null
  stands: boolean
  today: number
  /** Days by which it goes out earlier or later than is planned. */
  shift: number
  buried: number
  watering: TrialWatering
  feeding: FeedingSchool | 'nothing'
  pinched: number
  topped: number | null
  cloth: number
  shade: number
  clearStem: number
  litres: number | null
  sun: number
}

/** The house's ways and what else a planting is grown by. */
export interface GrownBy {
  soil: SoilTexture
  wetness: WetnessPressure
  sun: number
  house: {
    depth: 'worked-out' | DepthSchool
    watering: WateringSchool
    feeding: (place: Place) => FeedingSchool
    flowers: FlowerSchool
  }
}

/** m of stem that each way of planting buries, of a usual plant. */
const BURIED: Record<DepthSchool | 'worked-out', number> = {
  'worked-out': 0.1,
  'two-thirds': 0.15,
  'first-fork': 0.1,
  deep: 0.2,
  trench: 0.2,
  shallow: 0.03,
}
/** m of stem that pruning keeps clear over the soil, and of what is not pruned. */
const SKIRT = 0.3
/** Days on which first flowers are pinched where the house does so. */
const PINCHED = 21
/** † Of a pot with a reservoir, the share of its mix's volume that it holds. Against: boxes of 40 L with 8 L. */
const RESERVOIR = 0.2

const litresOf = (place: Place): number | null => {
  const pot = potOf(place)
  return pot && potVolume(pot).filled
}

/** How a planting is grown as it is planned, or stands, today. */
export function grownAsPlanned(own: PlantingOutlook, today: number, by: GrownBy): Grown {
  const { planting, cultivar, place, entries, begins, start, stands } = own
  const told = stageEntries(entries, 'set-out')[0]?.data
  const { house } = by
  return {
    cultivar,
    own,
    training: planting.training,
    spacing: planting.spacingSchool,
    place,
    soil: by.soil,
    wetness: by.wetness,
    setOut: begins.date === null ? null : daysBetween(start, begins.date),
    stands: stands !== null,
    today,
    shift: 0,
    buried: told?.stemBuried ?? (cultivar.crop === 'pepper' ? 0 : BURIED[house.depth]),
    watering: house.watering,
    feeding: house.feeding(place),
    pinched: house.flowers === 'pinch' ? PINCHED : 0,
    topped: own.plan.logged.top ?? null,
    cloth: 0,
    shade: 0,
    clearStem: skirtOf(planting.training),
    litres: litresOf(place),
    sun: by.sun,
  }
}

/** m of stem over the soil that each way of leading a plant keeps clear. */
export const skirtOf = (training: Training): number =>
  training === 'sprawling'
    ? 0
    : training === 'bush' || training === 'pepper' || training === 'pepper-open'
      ? 0.1
      : SKIRT

/** † m of the paths about a bed whose light its plants take. Against: half the usual path on either side. */
const PATH = 0.5

/** m² whose light each plant takes: in a bed, its share of the paths too. */
function groundOf({ own, cultivar, training, spacing, wetness }: Grown): number {
  const { planting, place } = own
  const spaced = { ...planting, training, spacingSchool: spacing }
  const ground = plantGround(spaced, cultivar, place, wetness)
  if (place.pot || place.kind === 'rows') return ground
  const { inRow, lines } = plantingSpacing(spaced, cultivar, wetness)
  const across = Math.max(1, Math.round(place.width / lines))
  return Math.max(ground, (inRow * (place.width + PATH)) / across)
}

/** Days from setting out after which nothing is left of a plant, where no frost ends it. */
const LONGEST = 270
/** Feeding ends so many days before the plant does. */
const STOPS_BEFORE_END = 21
const USUAL_ORGANIC = 3
/** Soil of more organic matter, %, carries its fruit alone. */
const CARRIES = 5

/**
 * A way to grow as the season model takes it.
 *
 * @param placeEntries of its place, oldest first
 * @param before how it was grown up to today, where it stands already
 */
export function planOf(
  grown: Grown,
  placeEntries: readonly AnyEntry[],
  before: SeasonPlan | null = null,
): SeasonPlan {
  const { cultivar, own, training, place, setOut, shift } = grown
  const planned = setOut === null ? null : Math.max(0, setOut + shift)
  // What is planned for years ahead is never planted out in its season.
  const out = planned !== null && planned < SEASON_DAYS ? planned : null
  const test = feedEntries(placeEntries, 'soil-tested').at(-1)?.data
  const organicMatter = test?.organicMatter ?? USUAL_ORGANIC
  const ends = own.end.kind === 'cleared' && own.end.on !== null ? daysBetween(own.start, own.end.on) : null
  const end = out === null ? null : Math.min(ends ?? Infinity, out + LONGEST)
  return {
    cultivar,
    training,
    setOut: out,
    growth: Math.min(5000, growthAtSetOut(grown)),
    hardened: own.plan.hardened || own.phase !== 'standing',
    buried: Math.min(2, grown.buried),
    ground: Math.min(100, Math.max(0.01, groundOf(grown))),
    sun: grown.sun,
    roots: rootsOf(grown),
    mulch: place.mulch,
    watering: wateringOf(grown),
    overhead: grown.watering === 'over-leaves',
    organicMatter: Math.min(60, organicMatter),
    feeds: out === null ? [] : feedsOf(grown, placeEntries, out, organicMatter),
    salinity: 0,
    clearStem: grown.clearStem,
    pinched: grown.pinched,
    topped: grown.topped,
    cloth: grown.cloth,
    shade: grown.shade,
    shaken: true,
    // What never ripens in time is picked green, where it can be.
    green: own.dates['first-ripe'].date === null && own.dates['first-green'].date !== null,
    stoodTo: grown.stands ? grown.today : null,
    end,
    earlier: before === null || !grown.stands ? null : { plan: before, to: grown.today },
  }
}

/** Days in its tray under which nobody sets a plant out. */
const LEAST_DAYS = 14

function growthAtSetOut({ own, cultivar, setOut, shift }: Grown): number {
  const { crop } = cultivar
  const { planting, dates, start, plan } = own
  // Seed in its place loses nothing by being planted out: what is added here is what the model takes for that.
  if (planting.raising === 'direct') return transplantCheck(crop, true)
  if (plan.met?.growth != null && plan.met.as === 'bought') return Math.max(0, plan.met.growth)
  const emerged = dates.emerge.date
  if (planting.raising === 'bought' || plan.met || emerged === null || setOut === null)
    return STANDARD_GROWTH[crop]
  const days = setOut + shift - daysBetween(start, emerged)
  return raisedGrowth(thermalTraits(cultivar), crop, 0, Math.max(LEAST_DAYS, days))
}

function rootsOf({ place, own, litres, soil }: Grown): RootRoom {
  if (litres === null)
    return {
      kind: 'ground',
      texture: soil,
      depth: Math.min(5, Math.max(0.05, place.soilDepth)),
      raised: place.raised,
    }
  const each = Math.min(2000, Math.max(0.2, litres / Math.max(1, own.planting.count)))
  return { kind: 'pot', litres: each, reservoir: place.pot?.selfWatering ? each * RESERVOIR : 0 }
}

/** mm of a week's inch. */
const INCH = 25.4
const MOST_AT_ONCE = 60

function wateringOf(grown: Grown): PlanWatering {
  const { watering } = grown
  const inch = INCH * Math.min(1, groundOf(grown))
  // A pot dries in a day, and is looked at daily.
  const every = grown.litres === null ? 2 : 1
  switch (watering) {
    case 'rain':
      return { by: 'rain' }
    case 'inch-a-week':
      return { by: 'fixed', litres: inch, every: 7 }
    case 'a-little-daily':
      return { by: 'fixed', litres: inch / 7, every: 1 }
    case 'fixed-days':
      return { by: 'need', at: 0, every: grown.litres === null ? 3 : 1, most: MOST_AT_ONCE }
    case 'over-leaves':
      return { by: 'need', at: WATERS_AT.even, every, most: MOST_AT_ONCE }
    default:
      return { by: 'need', at: WATERS_AT[watering], every, most: MOST_AT_ONCE }
  }
}

/** What it was given before today, and by its school from then on. */
function feedsOf(
  grown: Grown,
  placeEntries: readonly AnyEntry[],
  out: number,
  organicMatter: number,
): PlanDose[] {
  const { own, stands } = grown
  const given: PlanDose[] = stands
    ? feedEntries(placeEntries, 'fed').map(({ on, data }) => ({
        day: daysBetween(own.start, on) - out,
        nitrogen: (data.grams * data.n) / 100 / Math.max(1, own.planting.count),
        release: data.release,
        days: data.days,
      }))
    : []
  const ahead = schoolDoses(grown, out, organicMatter).map(({ day, product, aPlant }) => ({
    day,
    nitrogen: (aPlant * product.n) / 100,
    release: product.release,
  }))
  return [...given, ...ahead]
    .filter(({ day }) => day >= -FED_BEFORE && day <= SEASON_DAYS)
    .map((dose) => ({ ...dose, nitrogen: Math.min(MOST_NITROGEN, dose.nitrogen) }))
    .slice(0, MOST_FEEDS)
}

/** What its feeding school still gives it, g a plant, by days from setting out on a day of the season. */
export function schoolDoses(
  { own, cultivar, feeding, stands, today, place, setOut }: Grown,
  out: number,
  organicMatter = USUAL_ORGANIC,
): ReturnType<typeof schoolFeeds> {
  if (feeding === 'nothing') return []
  const flower = own.dates['first-flower'].date
  const flowers = flower === null || setOut === null ? null : daysBetween(own.start, flower) - setOut
  const ended = own.end.on === null ? LONGEST : Math.min(LONGEST, daysBetween(own.start, own.end.on) - out)
  return schoolFeeds(feeding, cultivar.crop, {
    flowers,
    last: ended - STOPS_BEFORE_END,
    second: place.pot !== null || organicMatter < CARRIES,
  }).filter(({ day }) => !stands || out + day >= today)
}
/** The model keeps so many apart, g N each at the most, from so many days before setting out on. */
const MOST_FEEDS = 64
const MOST_NITROGEN = 500
const FED_BEFORE = 365
