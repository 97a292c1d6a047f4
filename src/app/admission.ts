import { guard } from '../guard'
import { isOwnRequest } from '../hosts'

/** Why a handler that reads a file itself, past the proxy, does not take it; null: it may. */
export async function turnedAway(request: Request): Promise<{ status: number; message: string } | null> {
  if (!isOwnRequest(request)) return { status: 403, message: 'Prairie did not send this. Nothing was saved.' }
  const guarded = await guard(request, new URL(request.url).pathname)
  return 'status' in guarded ? guarded : null
}
