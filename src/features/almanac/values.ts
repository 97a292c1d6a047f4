import { dayOfYear, type IsoDate } from '../../core/calendar'
import {
  aridMonths,
  coverDay,
  dateInSeason,
  dayOf,
  degreeDays,
  fruitSet,
  indexOf,
  leafWetness,
  referenceEvapotranspiration,
} from '../../core/climate'
import { BLIGHT_ACT } from '../../core/garden-health'
import { paceOf } from '../../core/calls'
import { fruitMass, heatShift, isBush, plantTraits, thermalTraits, THERMAL_LIMITS } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { nutrientLedger, placeLedger, glutIn, gapAhead, saltThreshold } from '../../core/feeding'
import { CAUSES, causesOf } from '../../core/health'
import {
  entriesOfPlant,
  grownAlong,
  plantCourse,
  raisingDays,
  seedsToSow,
  SET_OUT_LIMITS,
  depthConditions,
  type PlantingOutlook,
  type SeasonOutlook,
} from '../../core/season'
import { REST } from '../../core/rotation'
import { recommendSpacing } from '../../core/spacing'
import { planOf, stemHeightAfter, supportCasesOf, tyingPlans } from '../../core/support'
import { evenness, fruitDays, nextWatering, type WateredPlace } from '../../core/watering'
import { outlookOn, plantsOn, solanaceaeYearsIn, wetnessOf, type GardenState } from '../../data/garden-state'
import { waterOn } from '../../data/garden-water'
import { mannerOf } from '../../data/gardens'
import { houseOf } from '../../data/house-schools'
import { supportSiteOf } from '../../data/support-site'
import { CALL_NAMES } from '../../wording/calls'
import { formatDate } from '../../wording/dates'
import { nameOf } from '../../wording/names'
import { sayCount, sayLength, sayMass, sayMeasure, sayTemperature, sayVolume } from '../../wording/say'
import type { WorkingId } from '../../wording/workings/names'

/** Numbers that a working gives for this garden now. */
export interface Worked {
  /** Which planting or place they are of; null: the garden as a whole. */
  of: string | null
  lines: string[]
}

interface Asked {
  state: GardenState
  on: IsoDate
  manner: Manner
  outlook: SeasonOutlook
  /** A tomato that stands out, else any planting of the season; undefined: none. */
  own: PlantingOutlook | undefined
  /** Its place's water; undefined: it was not set out. */
  watered: WateredPlace | undefined
}

/** Every working with the garden's own numbers on a day; what nothing can be said of is left out. */
export function workedValues(state: GardenState, on: IsoDate): Partial<Record<WorkingId, Worked>> {
  const outlook = outlookOn(state, on)
  const standing = outlook.plantings.filter(({ grownFor }) => grownFor !== null)
  const own =
    standing.find(({ cultivar, place }) => cultivar.crop === 'tomato' && place.pot === null) ??
    standing[0] ??
    outlook.plantings[0]
  const asked: Asked = {
    state,
    on,
    manner: mannerOf(state.garden),
    outlook,
    own,
    watered: waterOn(state, on).find(({ place }) => place.id === own?.place.id),
  }
  return Object.fromEntries(
    Object.entries(VALUES).flatMap(([id, of]) => {
      const worked = of(asked)
      return worked ? [[id, worked]] : []
    }),
  )
}

const ofGarden = (...lines: string[]): Worked => ({ of: null, lines })
const ofPlanting = ({ place, cultivar }: PlantingOutlook, ...lines: string[]): Worked => ({
  of: `${place.name}, ${cultivar.name}`,
  lines,
})
const today = ({ outlook, on }: Asked) => dayOf(outlook.line.air, indexOf(outlook.line.air, on))
const say = (kind: Parameters<typeof sayMeasure>[0]['kind'], value: number, manner: Manner) =>
  sayMeasure({ kind, value } as Parameters<typeof sayMeasure>[0], manner)

const VALUES: Record<WorkingId, (asked: Asked) => Worked | null> = {
  'degree-days': (asked) => {
    const { tmin, tmax } = today(asked)
    const sum = (crop: 'tomato' | 'pepper') =>
      say('degree-days', degreeDays({ tmin, tmax }, THERMAL_LIMITS[crop]), asked.manner)
    return ofGarden(
      `Today ${sayTemperature(tmin, asked.manner)} to ${sayTemperature(tmax, asked.manner)}: tomato ${sum('tomato')}, pepper ${sum('pepper')}.`,
    )
  },
  frost: ({ outlook, state, manner }) => {
    const date = (offset: number | null) =>
      offset === null ? 'none' : formatDate(dateInSeason(outlook.start, offset), manner)
    const { lastSpring, firstAutumn } = outlook.frost
    const { seasons, recorded } = state.record.ensemble
    return ofGarden(
      `Last in spring: ${date(lastSpring.p10)}, ${date(lastSpring.p50)}, ${date(lastSpring.p90)}.`,
      `First in autumn: ${date(firstAutumn.p10)}, ${date(firstAutumn.p50)}, ${date(firstAutumn.p90)}.`,
      `Over ${seasons.length} ${recorded ? 'recorded' : 'simulated'} seasons.`,
    )
  },
  'soil-temperature': ({ own, outlook, on, manner }) =>
    own
      ? ofPlanting(
          own,
          `${sayTemperature(own.soil[indexOf(outlook.line.air, on)]!, manner)} at ${sayLength(0.15, manner)}.`,
        )
      : null,
  window: ({ own, outlook, manner }) => {
    if (!own) return null
    const { night, soil } = SET_OUT_LIMITS[own.cultivar.crop]
    const date = (offset: number | null) =>
      offset === null ? 'not this season' : formatDate(dateInSeason(outlook.start, offset), manner)
    return ofPlanting(
      own,
      `Nights from ${sayTemperature(night, manner)}, soil from ${sayTemperature(soil, manner)}.`,
      `Opens about ${date(own.window.opens.p50)}, closes about ${date(own.window.closes.p50)}.`,
    )
  },
  sowing: ({ own, manner }) => {
    if (!own) return null
    const { count, germination, survival } = own.planting
    const seeds = seedsToSow({ plantsWanted: count, germination, survival })
    return ofPlanting(
      own,
      `${sayCount(count, 'plant')} wanted, ${say('share', germination, manner)} come up, ${say('share', survival, manner)} of those live: ${sayCount(seeds, 'seed')}.`,
      `Raised in ${sayCount(raisingDays(own.cultivar.crop), 'day')}.`,
    )
  },
  depth: ({ own, outlook, manner }) => {
    if (!own) return null
    const { dailyDegreeDays, seasonSlackDays, soilTemperatures } = depthConditions(outlook, own)
    return ofPlanting(
      own,
      `Soil: ${soilTemperatures.map(({ depth, temperature }) => `${sayTemperature(temperature, manner)} at ${sayLength(depth, manner)}`).join(', ')}.`,
      `${say('degree-days', dailyDegreeDays, manner)} a day; the season has ${sayCount(Math.round(seasonSlackDays), 'day')} to spare.`,
    )
  },
  spacing: ({ own, state, manner }) => {
    if (!own) return null
    const wetness = wetnessOf(state)
    const { answer } = recommendSpacing({
      plant: own.cultivar,
      training: own.planting.training,
      school: own.planting.spacingSchool,
      wetness,
    })
    return ofPlanting(
      own,
      `${nameOf(own.planting.training)}, ${own.planting.spacingSchool}, wet leaves press ${wetness === 'low' ? 'little' : wetness === 'high' ? 'hard' : 'somewhat'}: ${sayLength(answer.inRow, manner)} in the row, ${sayLength(answer.betweenRows, manner)} between rows.`,
    )
  },
  rotation: ({ own, state, outlook }) => {
    if (!own) return null
    const season = Number(outlook.start.slice(0, 4))
    const years = solanaceaeYearsIn(state, own.place.id).filter((year) => year < season)
    return ofPlanting(
      own,
      years.length === 0
        ? 'They never stood here before, as far as is told.'
        : `Last here in ${Math.max(...years)}: rested ${season - Math.max(...years) - 1} of ${REST.enough} seasons.`,
    )
  },
  pot: ({ state, manner }) => {
    const place = state.record.places.find(({ pot }) => pot !== null)
    return place
      ? {
          of: place.name,
          lines: [`${sayLength(place.length, manner)} across, ${sayLength(place.height ?? 0, manner)} high.`],
        }
      : null
  },
  wind: ({ own, state, on, manner }) => {
    if (!own) return null
    const site = supportSiteOf(state)
    const [row] = supportCasesOf(own, plantsOn(state, on), site)
    if (!row) return null
    const plan = planOf(own.planting.support, { ...row, weave: site.weave })
    return ofPlanting(
      own,
      `Gust ${say('speed', site.gust, manner)} at ${sayLength(10, manner)} ${site.onRecord ? 'by the record' : 'as none is on record'}; ${Math.round(plan.force)} N on the most laden post.`,
      ...(plan.post
        ? [
            `${plan.post.count} posts of ${sayLength(plan.post.length, manner)}, ${sayLength(plan.post.embedment, manner)} in the ground.`,
          ]
        : []),
    )
  },
  growth: ({ own, outlook, state, on, manner }) => {
    if (!own || own.grownFor === null) return null
    const plant = plantsOn(state, on).find(({ plantingId }) => plantingId === own.planting.id)
    const told = plant ? entriesOfPlant(outlook, plant.id, own.planting.id) : []
    const grown = grownAlong(plantCourse(own, told, on), plantTraits(own.cultivar))
    return ofPlanting(
      own,
      `${say('degree-days', own.grownFor, manner)} since setting out: ${sayCount(grown.stems[0]?.nodes.length ?? 0, 'node')} on the main stem, ${sayCount(grown.stems.length, 'stem')}.`,
    )
  },
  pruning: ({ own }) =>
    own
      ? ofPlanting(
          own,
          isBush(own.cultivar)
            ? 'A bush: its suckers stay.'
            : `Trained as ${nameOf(own.planting.training).toLowerCase()}.`,
        )
      : null,
  tying: ({ own, manner }) => {
    if (!own || own.grownFor === null) return null
    const stem = stemHeightAfter(own.cultivar, own.planting.training, own.grownFor)
    const plans = tyingPlans(own.planting.support, own.cultivar, stem)
    return ofPlanting(
      own,
      `The stem is at ${sayLength(stem, manner)}.`,
      ...plans.flatMap(({ heights }) =>
        heights.length > 0
          ? [`Heights passed: ${heights.map((height) => sayLength(height, manner)).join(', ')}.`]
          : [],
      ),
    )
  },
  topping: ({ own, manner }) => {
    if (!own) return null
    const { dates } = own
    const date = (day: IsoDate | null) => (day === null ? 'not before the frost' : formatDate(day, manner))
    return ofPlanting(
      own,
      `Last flower that ripens on the plant: ${date(dates['last-flower-ripe'].date)}; indoors: ${date(dates['last-flower-green'].date)}.`,
    )
  },
  evapotranspiration: (asked) => {
    const { tmin, tmax, dewPoint, wind, solar, date } = today(asked)
    const { latitude, longitude: _, elevation } = asked.state.garden
    const et0 = referenceEvapotranspiration({
      latitude,
      elevation,
      dayOfYear: dayOfYear(date),
      tmin,
      tmax: Math.max(tmin, tmax),
      dewPoint,
      windSpeed: wind,
      solarRadiation: solar,
    })
    const { manner } = asked
    return ofGarden(
      `Today ${sayTemperature(tmin, manner)} to ${sayTemperature(tmax, manner)}, dew point ${sayTemperature(dewPoint, manner)}, wind ${say('speed', wind, manner)}, ${solar.toFixed(1)} MJ/m² of sun: ET0 ${say('water-depth', et0, manner)}.`,
    )
  },
  water: ({ watered, state, manner }) => {
    const last = watered?.water.states.at(-1)
    if (!watered || !last) return null
    const { depletion, ahead, course } = watered.water
    const next = nextWatering(depletion, ahead, { school: houseOf(state.garden).watering })
    return {
      of: watered.place.name,
      lines: [
        `TAW ${say('water-depth', last.taw, manner)}, RAW ${say('water-depth', last.raw, manner)}; missing now ${say('water-depth', depletion, manner)}.`,
        next.inDays === null
          ? 'Nothing is due within the forecast.'
          : `Due ${next.inDays === 0 ? 'today' : `in ${sayCount(next.inDays, 'day')}`}: ${sayVolume((depletion > last.raw ? depletion : next.depth) * course.area, manner)} over ${say('area', course.area, manner)}.`,
      ],
    }
  },
  evenness: ({ watered, manner }) => {
    if (!watered) return null
    const { states, course } = watered.water
    const { dryDays, swing } = evenness(states, fruitDays(watered.plantings, course.from, states.length))
    return {
      of: watered.place.name,
      lines: [
        `Of the last fortnight ${sayCount(dryDays, 'day')} too dry; the water swung by ${say('share', swing, manner)} of RAW.`,
      ],
    }
  },
  ledger: ({ watered, on, manner }) => {
    const kept =
      watered && placeLedger(watered.place, watered.plantings, watered.entries, watered.water.states, on)
    if (!watered || !kept) return null
    const weeks = nutrientLedger(kept, 'n')
    const gap = gapAhead(weeks, kept.today)
    return {
      of: watered.place.name,
      lines: [
        `Nitrogen in the next four weeks: ${gap > 0 ? `${sayMass(gap / 1000, manner)} missing` : 'enough'}${glutIn(weeks, kept.today) === null ? '' : ', and a glut ahead'}.`,
      ],
    }
  },
  blend: () => null,
  'soil-test': ({ own }) =>
    own
      ? ofPlanting(own, `Salt slows a ${own.cultivar.crop} from ${saltThreshold(own.cultivar.crop)} dS/m.`)
      : null,
  set: (asked) => {
    const { own } = asked
    if (!own) return null
    const at = indexOf(own.air, asked.on)
    const set = fruitSet(
      { nightMinimum: own.air.tmin[at]!, dayMaximum: own.air.tmax[at]! },
      own.cultivar.crop,
      heatShift(own.cultivar),
    )
    return ofPlanting(own, `Of today’s open flowers the weather lets ${say('share', set, asked.manner)} set.`)
  },
  cover: (asked) => {
    const { tmin, tmax } = today(asked)
    const { opens, shuts } = coverDay({ tmin, tmax: Math.max(tmin, tmax) })
    const hour = (value: number) =>
      `${Math.floor(value)}:${String(Math.round((value % 1) * 60)).padStart(2, '0')}`
    return ofGarden(
      opens === null
        ? 'Shut all day today.'
        : `Open by ${hour(opens)}${shuts === null ? ', and through the night' : `, shut about ${hour(shuts)}`}.`,
    )
  },
  blight: (asked) => {
    const day = today(asked)
    const arid = aridMonths(asked.outlook.ensemble.normals, asked.state.garden.latitude)
    const { hours, humidHours } = leafWetness(day, arid[Number(asked.on.slice(5, 7)) - 1])
    return ofGarden(
      `Today leaves are wet for about ${hours} h, ${humidHours} h of it by damp air; time to act from ${BLIGHT_ACT.from} points.`,
    )
  },
  diagnosis: () =>
    ofGarden(
      `${Object.keys(CAUSES).length} causes are known: ${causesOf('tomato').length} of tomatoes, ${causesOf('pepper').length} of peppers.`,
    ),
  ripe: ({ own, manner }) => {
    if (!own) return null
    return ofPlanting(
      own,
      `${say('degree-days', thermalTraits(own.cultivar).ripening, manner)} from flower to ripe, ${sayMass(fruitMass(own.cultivar), manner)} a fruit.`,
      own.dates['first-ripe'].date === null
        ? 'No fruit ripens before the frost.'
        : `First ripe about ${formatDate(own.dates['first-ripe'].date, manner)}.`,
    )
  },
  times: ({ outlook }) => {
    const pace = paceOf(outlook.counted)
    const own = (Object.keys(CALL_NAMES) as (keyof typeof CALL_NAMES)[]).filter((kind) => pace(kind) !== 1)
    return ofGarden(
      own.length === 0
        ? 'No times are entered yet: the working values hold.'
        : `${own.map((kind) => `${CALL_NAMES[kind]} × ${pace(kind).toFixed(2)}`).join(', ')}.`,
    )
  },
}
