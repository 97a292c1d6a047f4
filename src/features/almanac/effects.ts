import type { Day, GardenState } from '../../data/garden-state'
import { FROST_RISK, HOUSE_DECISIONS, type HouseDecision, dayOf } from '../../core/garden-day'
import { adviseFeed } from '../../core/feeding'
import { dateInSeason, frostDays } from '../../core/climate'
import { depthConditions, safeDay, type PlantingOutlook } from '../../core/season'
import { formatDate } from '../../wording/dates'
import { bedCapacity, bedOf, recommendSpacing } from '../../core/spacing'
import { planOf, supportCasesOf } from '../../core/support'
import { adviseDepth, depthInputOf, usualFeeding, USUAL_PLANT } from '../../core/transplant'
import { dueWatering, type WateredPlace } from '../../core/watering'
import { mannerOf } from '../../data/garden-row'
import { sayLength, sayMass, sayVolume } from '../../wording/say'
import { sayInDays } from '../../wording/watering'

/** What each way of a decision would come to in this garden now: on what, and by way. */
export interface Effect {
  on: string
  ways: Record<string, string>
}

/** The effect of every way that can be told of what stands or is planned; a decision without is left out. */
export function effectsOf(day: Day): Partial<Record<HouseDecision, Effect>> {
  const { state } = day
  const { plantings } = day.outlook
  const watered = day.water
  const bed = plantings.find(({ place, cultivar }) => place.kind === 'bed' && cultivar.crop === 'tomato')
  const wet = watered.find(({ place }) => place.kind === 'bed') ?? watered[0]
  return {
    ...(bed ? { depth: depthEffect(day, bed), spacing: spacingEffect(state, bed) } : {}),
    ...(wet ? { watering: waterEffect(state, wet), ...feedEffect(day, wet) } : {}),
    ...weaveEffect(day, plantings),
    frost: frostEffect(day),
  }
}

const each = <D extends HouseDecision>(
  decision: D,
  of: (way: (typeof HOUSE_DECISIONS)[D][number]) => string,
): Record<string, string> =>
  Object.fromEntries(
    (HOUSE_DECISIONS[decision] as readonly (typeof HOUSE_DECISIONS)[D][number][]).map((way) => [
      way,
      of(way),
    ]),
  )

/** The earliest day to plant out that each risk of frost leaves. */
function frostEffect({ outlook, manner }: Day): Effect {
  const { ensemble, start } = outlook
  const lastFrosts = ensemble.seasons.map((season) => frostDays(season, ensemble.warmest).lastSpring)
  return {
    on: 'open ground',
    ways: each('frost', (way) => {
      const day = safeDay(lastFrosts, FROST_RISK[way])
      return day === 0 ? 'frost sets no limit' : `not before ${formatDate(dateInSeason(start, day), manner)}`
    }),
  }
}

const named = ({ place, cultivar }: PlantingOutlook) => `${place.name}, ${cultivar.name}`

function depthEffect(day: Day, own: PlantingOutlook): Effect {
  const { manner } = day
  const input = depthInputOf(
    own.cultivar,
    { ...USUAL_PLANT[own.cultivar.crop], soilDepth: own.place.soilDepth },
    depthConditions(day.outlook, own),
  )
  return {
    on: `a usual young plant for ${named(own)}`,
    ways: each('depth', (school) => {
      const { method, stemBuried, holeDepth, wait } = adviseDepth({ ...input, school }).answer
      if (wait) return 'wait'
      return method === 'trench'
        ? `laid in a trench ${sayLength(holeDepth, manner)} deep`
        : `${sayLength(stemBuried, manner)} of stem buried, hole ${sayLength(holeDepth, manner)}`
    }),
  }
}

function spacingEffect(state: GardenState, own: PlantingOutlook): Effect {
  const manner = mannerOf(state.garden)
  const { cultivar, planting, place } = own
  return {
    on: named(own),
    ways: each('spacing', (school) => {
      const { answer } = recommendSpacing({
        plant: cultivar,
        training: planting.training,
        school,
        wetness: dayOf(state, state.now).wetness,
      })
      const { answer: fits } = bedCapacity(bedOf(place, answer, planting.support, cultivar))
      return `${sayLength(answer.inRow, manner)} apart, ${fits.count} fit`
    }),
  }
}

function waterEffect(state: GardenState, { place, water }: WateredPlace): Effect {
  const manner = mannerOf(state.garden)
  return {
    on: place.name,
    ways: each('watering', (school) => {
      const { inDays, litres } = dueWatering(water, school)
      return inDays === null
        ? 'not within the forecast'
        : `${sayInDays(inDays)}, ${sayVolume(litres, manner)}`
    }),
  }
}

function feedEffect(day: Day, own: WateredPlace): { feeding?: Effect } {
  const { manner } = day
  const ledger = day.ledger(own)
  if (!ledger) return {}
  const plants = own.plantings.reduce((sum, { planting }) => sum + planting.count, 0)
  return {
    feeding: {
      on: own.place.name,
      ways: each('feeding', (school) => {
        const { mix } = adviseFeed(ledger, school === 'by-place' ? usualFeeding(own.place) : school, plants)
        return mix ? `${sayMass(mix.grams / 1000, manner)} of ${mix.name.toLowerCase()}` : 'nothing for now'
      }),
    },
  }
}

function weaveEffect(day: Day, plantings: readonly PlantingOutlook[]): { weave?: Effect } {
  const { state, manner } = day
  const own = plantings.find(({ planting }) => planting.support === 'weave')
  const row = own && supportCasesOf(own, day.plants, dayOf(state, state.now).supportSite)[0]
  if (!own || !row) return {}
  return {
    weave: {
      on: named(own),
      ways: each('weave', (weave) => {
        const twine = planOf('weave', { ...row, weave }).needs.find(({ kind }) => kind === 'twine')
        return twine ? `${sayLength(twine.quantity, manner)} of twine a row` : 'no twine'
      }),
    },
  }
}
