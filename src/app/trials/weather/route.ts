import { dayOf } from '../../../core/garden-day'
import { DatabaseProblem } from '../../../data/problem'
import { askedDate, gardenOfRequest } from '../../../data/request'
import { trialSky } from '../../../features/trials/queries'
import { noGarden } from '../../file-response'

export const dynamic = 'force-dynamic'

/** The seasons that a planting’s trials run in. */
export async function GET(request: Request): Promise<Response> {
  const state = await gardenOfRequest()
  if (!state || state instanceof DatabaseProblem) return noGarden(state)
  const query = new URL(request.url).searchParams
  const sky = trialSky(dayOf(state, askedDate(state, query.get('on') ?? undefined)), query.get('planting'))
  if (!sky) return new Response('This planting is gone.', { status: 404 })
  return Response.json(sky, { headers: { 'cache-control': 'no-store' } })
}
