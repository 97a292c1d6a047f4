import { signOut } from '../../../data/access/signed-in'
import { COOKIE, DEVICE_HEADER } from '../../../guard'
import { isOwnRequest } from '../../../hosts'

export const dynamic = 'force-dynamic'

/** Signs the device out that asks. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return new Response('Prairie did not send this.', { status: 403 })
  const device = request.headers.get(DEVICE_HEADER)
  if (device !== null) await signOut(device)
  return new Response(null, {
    status: 303,
    headers: {
      location: '/sign-in',
      'cache-control': 'no-store',
      'set-cookie': `${COOKIE}=; Path=/; Max-Age=0; HttpOnly; SameSite=Strict`,
    },
  })
}
