import { expose } from 'comlink'
import { seasonWeathers, type SeasonWeather } from '../core/season-model'
import { trialing, turningValues, type TrialInput, type TrialResult, type TurningValue } from '../core/trial'
import { gathered, type TrialSky } from './trial-sky'

/** What is tried, and the address of its weather. */
export type TrialQuestion = Omit<TrialInput, 'seasons'> & { weather: string }

/** ms between two tellings: the page draws each of them. */
const TOLD_EVERY = 400

let held: { address: string; weathers: readonly SeasonWeather[] } | undefined

/** Fetches the seasons of a trial; they are kept for the next one under the same sky. */
async function fetched(address: string): Promise<readonly SeasonWeather[]> {
  if (held?.address === address) return held.weathers
  const answer = await fetch(address)
  if (!answer.ok) throw new Error('The weather of this garden did not come.')
  const sky = (await answer.json()) as TrialSky
  const steps = gathered(sky)
  let step = steps.next()
  while (!step.done) step = steps.next()
  held = { address, weathers: seasonWeathers(step.value, sky, sky.air) }
  return held.weathers
}

let asked = 0
/** Lets what was asked meanwhile come in. */
const pause = () => new Promise((then) => setTimeout(then))

/** Runs a trial and tells what came so far; the next one that is asked ends it, unanswered. */
async function run(
  { weather, ...input }: TrialQuestion,
  onSoFar: (soFar: TrialResult) => void,
): Promise<TrialResult | null> {
  const own = ++asked
  const steps = trialing({ ...input, seasons: await fetched(weather) })
  let told = -Infinity
  while (own === asked) {
    const { done, value } = steps.next()
    if (done) return value
    if (performance.now() - told > TOLD_EVERY) {
      told = performance.now()
      onSoFar(value)
    }
    await pause()
  }
  return null
}

/** Which working values turn what it concludes of a way against the present one; the next one that is asked ends it. */
async function turning(
  { weather, ways, measure }: TrialQuestion,
  of: string,
): Promise<TurningValue[] | null> {
  const own = ++asked
  const [was] = ways
  const is = ways.find(({ id }) => id === of)
  if (!was || !is) return null
  const steps = turningValues({ ways: [was.plan, is.plan], seasons: await fetched(weather), measure })
  while (own === asked) {
    const { done, value } = steps.next()
    if (done) return value
    await pause()
  }
  return null
}

const trialWorker = { run, turning }
export type TrialWorker = typeof trialWorker
expose(trialWorker)
