import type { Call, CallAnswer, Work } from '../../core/calls'
import { COMMON_PRODUCTS } from '../../core/feeding'
import type { Manner, PlantPosition } from '../../core/facts'
import type { GardenDay } from '../../core/garden-day'
import { formatMeasure, volume, waterDepth } from '../../core/quantity'
import { allPlantings, HARDENING_DAYS, type PlantingOutlook } from '../../core/season'
import { casesOf } from '../../core/health'
import { SIGN_NAMES } from '../../wording/health/signs'
import { CAUTIONS } from '../../wording/cautions'
import {
  lookWords,
  sayBooking,
  sayCall,
  sayDone,
  sayMinutes,
  sayTools,
  sayWeatherNeed,
  sayWhen,
  sayWindow,
} from '../../wording/calls'
import { sayCuts } from '../../wording/pruning'
import { sayReason, sayReasons } from '../../wording/say-reason'
import type { Act, Picture, Stop } from './types'

/** A call put into words, with its picture and what doing it enters. */
export function stopOf(call: Call, day: GardenDay): Stop {
  const { outlook, plants, manner } = day
  const planting = allPlantings(outlook).find((other) => other.planting.id === call.plantingId)!
  const inPlace = allPlantings(outlook).filter(({ place }) => place.id === call.placeId)
  const reasons = sayReasons(call.advice.reasons, manner)
  const { answer } = call.advice
  const { subject } = call
  return {
    call: call.id,
    kind: call.kind,
    subject,
    entrySubject: answer.kind === 'read-soil' ? { type: 'place', id: call.placeId } : subject,
    place: subject.type === 'garden' ? 'The whole garden' : planting.place.name,
    cultivar:
      subject.type === 'planting' || subject.type === 'plant'
        ? planting.cultivar.name
        : subject.type === 'place'
          ? [...new Set(inPlace.map(({ cultivar }) => cultivar.name))].join(', ')
          : 'every place',
    title: sayCall(answer, manner),
    deciding: reasons.find(({ weight }) => weight === 'decides')?.text ?? reasons[0]?.text ?? '',
    when: sayWhen(call, outlook.today, manner),
    urgency: call.urgency,
    minutes: sayMinutes(call.minutes),
    usualMinutes: call.usualMinutes,
    window: sayWindow(call.window, outlook.today, manner),
    tools: sayTools(call.needs.tools),
    weather: call.needs.weather && {
      text: sayWeatherNeed(call.needs.weather, call.needs.suits),
      suits: call.needs.suits !== false,
    },
    reasons,
    ifItWaits: call.ifItWaits && sayReason(call.ifItWaits, manner),
    cautions: call.advice.cautions.map((id) => CAUTIONS[id]),
    picture: pictureOf(answer, planting, day),
    doneLabel: sayDone(answer, manner),
    books:
      answer.kind === 'tend' && answer.plants > 1 ? sayBooking(answer, labelsIn(planting, plants)) : null,
    look: lookWords(answer),
    change: changeOf(answer),
    act: actOf(answer, planting, plants, manner),
  }
}

const labelsIn = ({ planting }: PlantingOutlook, plants: readonly PlantPosition[]) =>
  plants.filter(({ plantingId }) => plantingId === planting.id).map(({ label }) => label)

function changeOf(answer: CallAnswer): string | null {
  switch (answer.kind) {
    case 'water':
    case 'feed':
      return 'Other amount'
    case 'tend':
      return answer.plants > 1 ? 'Not all plants' : 'Details'
    case 'set-out':
    case 'follow':
      return null
    default:
      return 'Details'
  }
}

function actOf(
  answer: CallAnswer,
  { planting, cultivar }: PlantingOutlook,
  plants: readonly PlantPosition[],
  manner: Manner,
): Act {
  const text = (kind: 'length' | 'temperature' | 'volume' | 'mass', value: number) =>
    formatMeasure({ kind, value }, manner).replace(/\u00a0/g, ' ')
  const whole = (name: string, label: string, value: number) => ({
    name,
    label,
    unit: 'whole' as const,
    initial: String(value),
  })
  switch (answer.kind) {
    case 'sow':
      return {
        type: 'enter',
        kind: 'sown',
        data: { seeds: answer.seeds },
        fields: [whole('seeds', 'Seeds sown', answer.seeds)],
      }
    case 'get':
      return {
        type: 'enter',
        kind: 'met',
        data: { as: 'bought', height: null, leaves: null, carries: 'nothing' },
        fields: [
          { name: 'height', label: 'Height (optional)', unit: 'length', initial: '', optional: true },
          {
            name: 'leaves',
            label: 'Number of leaves (optional)',
            unit: 'whole',
            initial: '',
            optional: true,
          },
        ],
      }
    case 'look-for-loops':
      return {
        type: 'enter',
        kind: 'emerged',
        data: { count: answer.plants },
        fields: [whole('count', 'Seedlings that show', answer.plants)],
      }
    case 'pot-up':
      return {
        type: 'enter',
        kind: 'potted-up',
        data: { count: answer.plants, potVolume: answer.potVolume },
        fields: [
          whole('count', 'Plants potted up', answer.plants),
          { name: 'potVolume', label: 'Pot size', unit: 'volume', initial: text('volume', answer.potVolume) },
        ],
      }
    case 'harden':
      return {
        type: 'enter',
        kind: 'hardened',
        data: { day: answer.day, hours: answer.rest ? 0 : answer.hours },
        fields: [
          {
            name: 'hours',
            label: 'Hours outside',
            unit: 'hours',
            initial: answer.rest ? '0' : String(answer.hours),
          },
        ],
      }
    case 'read-soil':
      return {
        type: 'ask',
        kind: 'soil-read',
        data: { depth: answer.depth, temperature: answer.expected },
        fields: [
          { name: 'temperature', label: 'Soil temperature', unit: 'temperature', initial: '' },
          { name: 'depth', label: 'Depth', unit: 'length', initial: text('length', answer.depth) },
        ],
      }
    case 'set-out':
      return { type: 'open', href: `/plantings/${planting.id}/set-out` }
    case 'cover':
      return { type: 'enter', kind: 'covered', data: { nightLow: answer.nightLow }, fields: [] }
    case 'look-for-flowers':
      return { type: 'enter', kind: 'flowered', data: {}, fields: [] }
    case 'pick':
      return {
        type: 'ask',
        kind: 'picked',
        data: { mass: 0, count: null },
        fields: [
          { name: 'mass', label: 'Weight', unit: 'mass', initial: '' },
          { name: 'count', label: 'Number of fruit (optional)', unit: 'whole', initial: '', optional: true },
        ],
      }
    case 'top':
      return { type: 'enter', kind: 'topped', data: {}, fields: [] }
    case 'follow':
      return { type: 'open', href: `/clinic?case=${answer.case}` }
    case 'clear':
      return { type: 'enter', kind: 'cleared', data: {}, fields: [] }
    case 'water':
      return {
        type: 'enter',
        kind: 'watered',
        data: { litres: answer.litres },
        fields: [
          { name: 'litres', label: 'Amount given', unit: 'volume', initial: text('volume', answer.litres) },
        ],
      }
    case 'feed': {
      const { n, p2o5, k2o, release, nitrogen, releaseDays } = COMMON_PRODUCTS.find(
        ({ name }) => name === answer.product,
      )!
      return {
        type: 'enter',
        kind: 'fed',
        data: {
          name: answer.product,
          grams: answer.grams,
          n,
          p2o5,
          k2o,
          release,
          nitrogen,
          ...(releaseDays === null ? {} : { days: releaseDays }),
        },
        fields: [
          { name: 'grams', label: 'Amount given', unit: 'grams', initial: text('mass', answer.grams / 1000) },
        ],
      }
    }
    case 'tend':
      return {
        type: 'tend',
        works: answer.works,
        alike: answer.alike.map(({ plants: alike, cuts }) => ({
          cuts,
          plants: alike.map((plant) => ({ ...plant, each: sayCuts(cuts, cultivar.crop) })),
        })),
        plants: plants
          .filter(({ plantingId }) => plantingId === planting.id)
          .map(({ id, label }) => ({ id, label })),
      }
    case 'vent':
      return work(answer.shuts === null ? ['open-tunnel'] : ['open-tunnel', 'shut-tunnel'])
    case 'shake':
      return work(['shake'])
    case 'shade':
      return work(['shade'])
    case 'scout':
      return work(['scout'])
  }
}

const work = (works: Work[]): Act => ({ type: 'enter', kind: 'tended', data: { works }, fields: [] })

/** Signs of a case that are drawn side by side. */
const MOST_SIGNS = 3

function pictureOf(answer: CallAnswer, own: PlantingOutlook, day: GardenDay): Picture {
  switch (answer.kind) {
    case 'sow':
      return {
        type: 'tray',
        cells: answer.seeds,
        stage: 'seed',
        label: `A tray with ${answer.seeds} seeds, one to a cell`,
      }
    case 'get':
    case 'look-for-loops':
      return {
        type: 'tray',
        cells: answer.plants,
        stage: 'loop',
        label: 'Seedlings coming up, bent like loops',
      }
    case 'pot-up':
      return {
        type: 'tray',
        cells: answer.plants,
        stage: 'seedling',
        label: `${answer.plants} seedlings with their first true leaves`,
      }
    case 'harden': {
      const step = answer.hours / answer.day
      return {
        type: 'hardening',
        day: answer.day,
        hours: Array.from({ length: HARDENING_DAYS }, (_, index) => Math.min(12, step * (index + 1))),
        rest: answer.rest,
      }
    }
    case 'read-soil':
      return { type: 'probe', depth: answer.depth, expected: answer.expected }
    case 'look-for-flowers':
      return { type: 'look', of: 'flower', crop: own.cultivar.crop }
    case 'pick':
      return answer.first ? { type: 'look', of: 'fruit', crop: own.cultivar.crop } : planOf(own, day)
    case 'follow': {
      const signs = casesOf(day.outlook.counted).find(({ id }) => id === answer.case)?.signs ?? []
      return {
        type: 'look',
        of: 'signs',
        crop: own.cultivar.crop,
        signs: signs.slice(0, MOST_SIGNS).map((id) => ({ id, name: SIGN_NAMES[id].toLowerCase() })),
      }
    }
    case 'water':
      return waterPicture(own, day) ?? planOf(own, day)
    default:
      return planOf(own, day)
  }
}

const planOf = (own: PlantingOutlook, day: GardenDay): Picture => ({
  type: 'plan',
  place: own.place,
  plants: day.canopiesAround(own),
})

function waterPicture({ place, cultivar }: PlantingOutlook, day: GardenDay): Picture | null {
  const water = day.water.find((watered) => watered.place.id === place.id)?.water
  const state = water?.states.at(-1)
  if (!water || !state) return null
  const { taw, raw } = state
  const left = Math.max(0, taw - water.depletion)
  const amount = (mm: number) => (place.pot ? volume(mm * water.course.area) : waterDepth(mm))
  return {
    type: 'water',
    isPot: place.pot !== null,
    crop: cultivar.crop,
    left: left / taw,
    slows: (taw - raw) / taw,
    short: amount(water.depletion),
    limit: amount(raw),
  }
}
