import { signIn } from '../../../data/access/signed-in'
import { SIGNED_IN_DAYS } from '../../../data/access/seal'
import { ADDRESS_HEADER, COOKIE } from '../../../guard'
import { isOwnRequest } from '../../../hosts'
import { readBody } from '../../body'
import { wayOnward } from '../onward'

export const dynamic = 'force-dynamic'

const LARGEST_FORM = 4096

/** Goes on with a new request, under whatever name the browser knows this server. */
const onTo = (location: string, headers: Record<string, string> = {}) =>
  new Response(null, { status: 303, headers: { location, 'cache-control': 'no-store', ...headers } })

/** Takes the form of the sign-in page, and signs its device in. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return new Response('Prairie did not send this.', { status: 403 })
  const body = await readBody(request, LARGEST_FORM)
  if ('problem' in body) return onTo('/sign-in?why=wrong')
  const form = new URLSearchParams(new TextDecoder().decode(body.bytes))
  const next = wayOnward(form.get('next'))
  const answer = await signIn(
    form.get('passphrase') ?? '',
    { name: form.get('name') || 'Device', address: request.headers.get(ADDRESS_HEADER) ?? '' },
    new Date(),
  )
  if ('problem' in answer) return onTo(`/sign-in?${new URLSearchParams({ why: answer.problem, next })}`)
  // A web server in front that speaks https says so; then the cookie is never sent without it.
  const isSecure = request.headers.get('x-forwarded-proto') === 'https'
  return onTo(next, {
    'set-cookie': `${COOKIE}=${answer.cookie}; Path=/; Max-Age=${SIGNED_IN_DAYS * 86_400}; HttpOnly; SameSite=Strict${isSecure ? '; Secure' : ''}`,
  })
}
