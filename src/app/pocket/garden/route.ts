import { pocketOffer } from '../../../data/pocket/offer'
import { POCKET_VERSION } from '../../../data/pocket/lists'
import { DatabaseProblem } from '../../../data/problem'
import { gardenOfRequest } from '../../../data/request'
import { isOwnRequest } from '../../../hosts'
import { readBody } from '../../body'
import { noGarden } from '../../file-response'

export const dynamic = 'force-dynamic'

/** Bytes of the marks of a garden's pieces. */
const LARGEST_LIST = 256 * 1024

/** The garden at work as a phone keeps it: what it has not yet, told by the marks of the pieces that it has. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return new Response(null, { status: 403 })
  const body = await readBody(request, LARGEST_LIST)
  const state = await gardenOfRequest()
  if (!state || state instanceof DatabaseProblem) return noGarden(state)
  const has = 'problem' in body ? new Set<string>() : marksIn(new TextDecoder().decode(body.bytes))
  return Response.json(await pocketOffer(state, has, new Date()), {
    headers: { 'cache-control': 'no-store' },
  })
}

/** The marks that a phone says it has; none where it keeps another shape of them. */
function marksIn(text: string): Set<string> {
  try {
    const { version, has } = JSON.parse(text) as { version: unknown; has: unknown }
    return new Set(version === POCKET_VERSION && Array.isArray(has) ? has.map(String) : [])
  } catch {
    return new Set()
  }
}
