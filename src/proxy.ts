import { NextResponse, type NextRequest } from 'next/server'
import { foreignHost, isOwnHost } from './hosts'

/** Every page is sent with a policy that lets only this application's own scripts run, by a nonce of its own. */
export function proxy(request: NextRequest): Response {
  if (!isOwnHost(request.headers.get('host'))) return foreignHost()
  if (!isReadable(request.nextUrl.pathname)) return new Response('There is no such address.', { status: 400 })
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
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy)
  return response
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
export const config = {
  matcher: [
    { source: '/((?!_next/static|_next/image|icon.svg|import$|import/|photos$|photos/|devices/).*)' },
  ],
}
