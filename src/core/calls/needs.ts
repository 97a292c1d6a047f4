import type { CallAnswer } from './call-answer'

/** What is carried along for a call. */
export type Tool =
  | 'seed'
  | 'tray'
  | 'labels'
  | 'pots'
  | 'mix'
  | 'soil thermometer'
  | 'trowel'
  | 'stakes'
  | 'can'
  | 'row cloth'
  | 'hoops'
  | 'basket'
  | 'scales'
  | 'snips'
  | 'wipes'
  | 'ties'
  | 'twine'
  | 'clips'
  | 'fork'
  | 'barrow'
  | 'feed'
  | 'scoop'
  | 'shade cloth'
  | 'lens'

/** The weather that a work wants: leaves or fruit dry, roots moist, out of the midday heat, in the warm still hours. */
export type WeatherNeed = 'dry-leaves' | 'dry-fruit' | 'moist-roots' | 'cool-hours' | 'dry-flowers'

export interface CallNeeds {
  tools: Tool[]
  weather: WeatherNeed | null
  /** Whether today gives that weather; null: nobody knows. */
  suits: boolean | null
}

/** What today is like: mm, °C; null: beyond the forecast. */
export interface DayForWork {
  rain: number
  tmax: number
}

/** mm of a day that leave leaves wet, and °C from which midday is no time to plant. */
const WET = 0.5
const HOT = 29

/** Tools and weather of a call. */
export function needsOf(answer: CallAnswer, day: DayForWork | null): CallNeeds {
  const weather = weatherOf(answer)
  return { tools: toolsOf(answer), weather, suits: weather && day && suits(weather, day) }
}

function suits(weather: WeatherNeed, { rain, tmax }: DayForWork): boolean {
  switch (weather) {
    case 'dry-leaves':
    case 'dry-fruit':
    case 'dry-flowers':
      return rain < WET
    case 'cool-hours':
      return tmax < HOT
    case 'moist-roots':
      return true
  }
}

function weatherOf(answer: CallAnswer): WeatherNeed | null {
  switch (answer.kind) {
    case 'tend':
      return Object.values(answer.cuts).some((cuts) => cuts > 0) ? 'dry-leaves' : null
    case 'top':
    case 'scout':
    case 'follow':
      return 'dry-leaves'
    case 'pick':
      return 'dry-fruit'
    case 'shake':
      return 'dry-flowers'
    case 'set-out':
      return 'cool-hours'
    case 'feed':
      return 'moist-roots'
    default:
      return null
  }
}

function toolsOf(answer: CallAnswer): Tool[] {
  switch (answer.kind) {
    case 'sow':
      return ['seed', 'tray', 'labels']
    case 'pot-up':
      return ['pots', 'mix', 'labels']
    case 'read-soil':
      return ['soil thermometer']
    case 'set-out':
      return ['trowel', 'stakes', 'can', 'labels']
    case 'cover':
      return ['row cloth', 'hoops']
    case 'pick':
      return ['basket', 'scales', 'snips']
    case 'top':
      return ['snips', 'wipes']
    case 'clear':
      return ['fork', 'barrow', 'basket']
    case 'tend':
      return [
        ...answer.works.map((work) => TENDING[work]),
        ...(Object.values(answer.cuts).some((cuts) => cuts > 0) ? (['snips', 'wipes'] as const) : []),
      ]
    case 'water':
      return answer.dripMinutes === null ? ['can'] : []
    case 'feed':
      return ['feed', 'scoop']
    case 'shade':
      return ['shade cloth']
    case 'scout':
    case 'follow':
      return ['lens']
    case 'get':
    case 'look-for-loops':
    case 'look-for-flowers':
    case 'harden':
    case 'vent':
    case 'shake':
      return []
  }
}

const TENDING = { tie: 'ties', tier: 'twine', lower: 'clips' } as const
