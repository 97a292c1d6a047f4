import {
  adviseDepth,
  depthInputOf,
  USUAL_PLANT,
  WARM_SOIL,
  type DepthAnswer,
  type DepthInput,
} from '../../core/transplant'

/** A tomato as it is planted out on a good day: what a newcomer sees before a place is known. */
export interface Example {
  input: DepthInput
  answer: DepthAnswer
  warmLimit: number
}

/** Workable soil, m, and how warm it is on that day, °C. */
const SOIL_DEPTH = 0.35
const WARMTH = [
  { depth: 0.06, temperature: 20 },
  { depth: 0.15, temperature: 18.5 },
  { depth: 0.3, temperature: 17 },
]

export function examplePlanting(): Example {
  const input = depthInputOf(
    { crop: 'tomato' },
    { ...USUAL_PLANT.tomato, soilDepth: SOIL_DEPTH },
    { soilTemperatures: WARMTH, dailyDegreeDays: 8, seasonSlackDays: 40 },
  )
  return { input, answer: adviseDepth(input).answer, warmLimit: WARM_SOIL }
}
