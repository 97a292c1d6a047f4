import { dayOf } from '../../../core/garden-day'
import { fruitMass, isBush, plantTraits, thermalTraits } from '../../../core/crop'
import { entriesOfPlant, grownAlong, plantCourse, depthConditions } from '../../../core/season'
import { REST } from '../../../core/rotation'
import { recommendSpacing } from '../../../core/spacing'
import { planOf, stemHeightAfter, supportCasesOf, tyingPlans } from '../../../core/support'
import { formatDate } from '../../../wording/dates'
import { nameOf } from '../../../wording/names'
import { sayCount, sayLength, sayMass, sayTemperature } from '../../../wording/say'
import { ofPlanting, say, type Values } from './asked'

/** The workings of plants, their room and their supports. */
export const PLANT_VALUES = {
  depth: ({ own, outlook, manner }) => {
    if (!own) return null
    const { dailyDegreeDays, seasonSlackDays, soilTemperatures } = depthConditions(outlook, own)
    return ofPlanting(
      own,
      `Soil: ${soilTemperatures.map(({ depth, temperature }) => `${sayTemperature(temperature, manner)} at ${sayLength(depth, manner)}`).join(', ')}.`,
      `${say('degree-days', dailyDegreeDays, manner)} per day; the season has ${sayCount(Math.round(seasonSlackDays), 'day')} to spare.`,
    )
  },
  spacing: ({ own, state, manner }) => {
    if (!own) return null
    const wetness = dayOf(state, state.now).wetness
    const { answer } = recommendSpacing({
      plant: own.cultivar,
      training: own.planting.training,
      school: own.planting.spacingSchool,
      wetness,
    })
    return ofPlanting(
      own,
      `${nameOf(own.planting.training)}, ${own.planting.spacingSchool}, the risk of wet leaves is ${wetness === 'low' ? 'little' : wetness === 'high' ? 'hard' : 'somewhat'}: ${sayLength(answer.inRow, manner)} in the row, ${sayLength(answer.betweenRows, manner)} between rows.`,
    )
  },
  rotation: ({ own, state, outlook }) => {
    if (!own) return null
    const { season } = outlook
    const years = dayOf(state, state.now)
      .solanaceaeYears(own.place.id)
      .filter((year) => year < season)
    return ofPlanting(
      own,
      years.length === 0
        ? 'They never grew here before, as far as the log says.'
        : `Last grown here in ${Math.max(...years)}: rested ${season - Math.max(...years) - 1} of ${REST.enough} seasons.`,
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
    const site = dayOf(state, state.now).supportSite
    const [row] = supportCasesOf(own, dayOf(state, on).plants, site)
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
  growth: ({ day, own, outlook, state, on, manner }) => {
    if (!own || own.grownFor === null) return null
    const plant = dayOf(state, on).plants.find(({ plantingId }) => plantingId === own.planting.id)
    const told = plant ? entriesOfPlant(outlook, plant.id, own.planting.id) : []
    const grown = grownAlong(plantCourse(own, told, on, day.vigour(own)), plantTraits(own.cultivar))
    return ofPlanting(
      own,
      `${say('degree-days', own.grownFor, manner)} since planting out: ${sayCount(grown.stems[0]?.nodes.length ?? 0, 'node')} on the main stem, ${sayCount(grown.stems.length, 'stem')}.`,
    )
  },
  pruning: ({ own }) =>
    own
      ? ofPlanting(
          own,
          isBush(own.cultivar)
            ? 'It is a bush, so keep its suckers.'
            : `Pruning style: ${nameOf(own.planting.training).toLowerCase()}.`,
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
} satisfies Values
