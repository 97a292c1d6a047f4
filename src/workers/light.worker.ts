import { expose, transfer } from 'comlink'
import { lightMap, plantLight, type LightMap, type LightQuestion } from '../core/light'

/** Direct sun over an area and on plants, from one question. */
export interface LightTask {
  question: LightQuestion
  /** Null: only the plants are asked about. */
  area: Parameters<typeof lightMap>[1] | null
  plants: Parameters<typeof plantLight>[1]
}

export interface LightAnswer {
  map: LightMap | null
  /** h a day by plant id. */
  plants: Record<string, number>
}

function light({ question, area, plants }: LightTask): LightAnswer {
  const map = area && lightMap(question, area)
  const hours = plantLight(question, plants)
  const answer = { map, plants: Object.fromEntries(plants.map(({ id }, index) => [id, hours[index]!])) }
  return map ? transfer(answer, [map.hours.buffer]) : answer
}

const lightWorker = { light }
export type LightWorker = typeof lightWorker
expose(lightWorker)
