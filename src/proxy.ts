import { NextResponse, type NextRequest } from 'next/server'
import { guard, withGuarded } from './guard'
import { foreignHost, isOwnHost } from './hosts'

/** Nobody passes but by the guard. Every page is sent with a policy that lets only this application's own scripts run, by a nonce of its own. */
export async function proxy(request: NextRequest): Promise<Response> {
  if (!isOwnHost(request.headers.get('host'))) return foreignHost()
  if (!isReadable(request.nextUrl.pathname)) return new Response('There is no such address.', { status: 400 })
  const { pathname } = request.nextUrl
  const guarded = await guard(request, pathname)
  if ('status' in guarded) return turnedAway(request, guarded)
  const nonce = btoa(crypto.randomUUID())
  const isDevelopment = process.env.NODE_ENV === 'development'
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${isDevelopment ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  withGuarded(headers, guarded)
  const response = NextResponse.next({ request: { headers } })
  // A photo has a policy of its own.
  if (!pathname.startsWith('/photos/')) response.headers.set('content-security-policy', policy)
  return response
}

/** A page that was asked for leads to the sign-in, and back to it; all else is told why it is not answered. */
function turnedAway(
  request: NextRequest,
  { status, message }: { status: number; message: string },
): Response {
  const isPage = request.method === 'GET' && (request.headers.get('accept') ?? '').includes('text/html')
  if (status === 401 && isPage && !request.headers.has('rsc')) {
    const { pathname, search } = request.nextUrl
    const signIn = request.nextUrl.clone()
    signIn.pathname = '/sign-in'
    signIn.search = pathname === '/' ? '' : `?${new URLSearchParams({ next: pathname + search })}`
    return NextResponse.redirect(signIn)
  }
  // Plain text: what sent an action is told so in these words.
  return new Response(message, {
    status,
    headers: { 'content-type': 'text/plain', 'cache-control': 'no-store' },
  })
}

/** An address with a broken % in it would end in a fault further on. */
function isReadable(path: string): boolean {
  try {
    decodeURIComponent(path)
    return true
  } catch {
    return false
  }
}

// What takes in files reads them itself, as they come and to its own limit: here they would be held in memory first.
// It asks the guard itself, too. A script or a style is the same for everyone.
export const config = {
  matcher: [{ source: '/((?!_next/static/|import$|import/logbook$|photos$|devices/readings$).*)' }],
}
