import { houseOf } from '../../../core/garden-day'
import { dayOfYear } from '../../../core/calendar'
import { aridMonths, leafWetness, referenceEvapotranspiration } from '../../../core/climate'
import { BLIGHT_ACT } from '../../../core/garden-health'
import { paceOf } from '../../../core/calls'
import { nutrientLedger, glutIn, gapAhead, saltThreshold } from '../../../core/feeding'
import { CAUSES, causesOf } from '../../../core/health'
import { dueWatering, evenness, fruitDays } from '../../../core/watering'
import { CALL_NAMES } from '../../../wording/calls'
import { sayCount, sayMass, sayTemperature, sayVolume } from '../../../wording/say'
import { ofGarden, ofPlanting, today, say, type Values } from './asked'
import { sayInDays } from '../../../wording/watering'

/** The workings of water, feed, health and work. */
export const CARE_VALUES = {
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
    const { depletion, course } = watered.water
    const { inDays, litres } = dueWatering(watered.water, houseOf(state.garden).watering)
    return {
      of: watered.place.name,
      lines: [
        `TAW ${say('water-depth', last.taw, manner)}, RAW ${say('water-depth', last.raw, manner)}; short now by ${say('water-depth', depletion, manner)}.`,
        inDays === null
          ? 'You do not need to water within the forecast.'
          : `Due ${sayInDays(inDays)}: ${sayVolume(litres, manner)} over ${say('area', course.area, manner)}.`,
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
        `In the last two weeks ${sayCount(dryDays, 'day')} were too dry; water rose and fell by ${say('share', swing, manner)} of RAW.`,
      ],
    }
  },
  ledger: ({ day, watered, manner }) => {
    const kept = watered && day.ledger(watered)
    if (!watered || !kept) return null
    const weeks = nutrientLedger(kept, 'n')
    const gap = gapAhead(weeks, kept.today)
    return {
      of: watered.place.name,
      lines: [
        `Nitrogen in the next four weeks: ${gap > 0 ? `${sayMass(gap / 1000, manner)} missing` : 'enough'}${glutIn(weeks, kept.today) === null ? '' : ', and too much ahead'}.`,
      ],
    }
  },
  blend: () => null,
  'soil-test': ({ own }) =>
    own
      ? ofPlanting(own, `Salt slows a ${own.cultivar.crop} from ${saltThreshold(own.cultivar.crop)} dS/m.`)
      : null,
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
  times: ({ outlook }) => {
    const pace = paceOf(outlook.counted)
    const own = (Object.keys(CALL_NAMES) as (keyof typeof CALL_NAMES)[]).filter((kind) => pace(kind) !== 1)
    return ofGarden(
      own.length === 0
        ? 'You have entered no times yet, so the typical values are used.'
        : `${own.map((kind) => `${CALL_NAMES[kind]} × ${pace(kind).toFixed(2)}`).join(', ')}.`,
    )
  },
} satisfies Values
