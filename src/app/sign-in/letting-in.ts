import { SIGNED_IN_DAYS } from '../../data/access/seal'
import { COOKIE } from '../../guard'
import { readBody } from '../body'

const LARGEST_FORM = 4096

/** What a form of the way in holds; null: nothing that could be read. */
export async function sentForm(request: Request): Promise<URLSearchParams | null> {
  const body = await readBody(request, LARGEST_FORM)
  return 'problem' in body ? null : new URLSearchParams(new TextDecoder().decode(body.bytes))
}

/** What a form is answered that another site's page sent. */
export const foreignForm = () =>
  new Response('Prairie did not send this. Open its sign-in page, and try again there.', { status: 403 })

/** Goes on with a new request, under whatever name the browser knows this server. @param cookie for the device */
export function goOn(request: Request, location: string, cookie?: { is: string; days: number }): Response {
  const headers = new Headers({ location, 'cache-control': 'no-store' })
  if (cookie) {
    // A web server in front that speaks https says so; then the cookie is never sent without it.
    const isSecure = request.headers.get('x-forwarded-proto') === 'https'
    headers.set(
      'set-cookie',
      `${COOKIE}=${cookie.is}; Path=/; Max-Age=${cookie.days * 86_400}; HttpOnly; SameSite=Strict${isSecure ? '; Secure' : ''}`,
    )
  }
  return new Response(null, { status: 303, headers })
}

/** Lets a device in, with the cookie that says so. */
export const letIn = (request: Request, location: string, cookie: string): Response =>
  goOn(request, location, { is: cookie, days: SIGNED_IN_DAYS })
