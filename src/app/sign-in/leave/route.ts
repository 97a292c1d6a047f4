import { signOut } from '../../../data/access/signed-in'
import { DEVICE_HEADER } from '../../../guard'
import { isOwnRequest } from '../../../hosts'
import { foreignForm, goOn } from '../letting-in'

export const dynamic = 'force-dynamic'

/** Signs the device out that asks. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return foreignForm()
  const device = request.headers.get(DEVICE_HEADER)
  if (device !== null) await signOut(device)
  return goOn(request, '/sign-in', { is: '', days: 0 })
}
