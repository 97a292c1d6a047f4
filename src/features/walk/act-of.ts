import { ENTRY_FIELDS as LABELS } from '../../wording/entry-fields'
import type { CallAnswer, Work } from '../../core/calls'
import { COMMON_PRODUCTS } from '../../core/feeding'
import type { Manner, PlantPosition } from '../../core/facts'
import { formatMeasure } from '../../core/quantity'
import type { PlantingOutlook } from '../../core/season'
import { sayCuts } from '../../wording/pruning'
import type { Act } from './types'

/** What doing what a call asks enters. */
export function actOf(
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
        fields: [whole('seeds', LABELS.sown.seeds, answer.seeds)],
      }
    case 'get':
      return {
        type: 'enter',
        kind: 'met',
        data: { as: 'bought', height: null, leaves: null, carries: 'nothing' },
        fields: [
          { name: 'height', label: LABELS.seen.height, unit: 'length', initial: '', optional: true },
          {
            name: 'leaves',
            label: LABELS.seen.leaves,
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
        fields: [whole('count', LABELS.emerged.count, answer.plants)],
      }
    case 'pot-up':
      return {
        type: 'enter',
        kind: 'potted-up',
        data: { count: answer.plants, potVolume: answer.potVolume },
        fields: [
          whole('count', LABELS['potted-up'].count, answer.plants),
          {
            name: 'potVolume',
            label: LABELS['potted-up'].potVolume,
            unit: 'volume',
            initial: text('volume', answer.potVolume),
          },
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
            label: LABELS.hardened.hours,
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
          { name: 'temperature', label: LABELS['soil-read'].temperature, unit: 'temperature', initial: '' },
          {
            name: 'depth',
            label: LABELS['soil-read'].depth,
            unit: 'length',
            initial: text('length', answer.depth),
          },
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
          { name: 'mass', label: LABELS.picked.mass, unit: 'mass', initial: '' },
          { name: 'count', label: LABELS.picked.count, unit: 'whole', initial: '', optional: true },
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
          {
            name: 'litres',
            label: LABELS.watered.litres,
            unit: 'volume',
            initial: text('volume', answer.litres),
          },
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
          {
            name: 'grams',
            label: LABELS.fed.grams,
            unit: 'grams',
            initial: text('mass', answer.grams / 1000),
          },
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
