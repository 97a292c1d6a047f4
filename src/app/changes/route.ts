import { DatabaseProblem } from '../../data/problem'
import { gardenOfRequest } from '../../data/request'
import { changedSince } from '../../features/logbook/changed'
import { noGarden } from '../file-response'

export const dynamic = 'force-dynamic'

/** What was entered since a screen was made: `changes` as it shows them, `after` the moment it last heard. */
export async function GET(request: Request): Promise<Response> {
  const state = await gardenOfRequest()
  if (!state || state instanceof DatabaseProblem) return noGarden(state)
  const { searchParams } = new URL(request.url)
  const now = new Date()
  const after = new Date(searchParams.get('after') ?? '')
  const changed = changedSince(state, Number.isNaN(after.getTime()) ? now : after, now)
  const headers = { 'cache-control': 'no-store' }
  const isSame = searchParams.get('changes') === String(changed.changes) && changed.entries.length === 0
  return isSame ? new Response(null, { status: 204, headers }) : Response.json(changed, { headers })
}
