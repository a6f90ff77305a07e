import { NextResponse, type NextRequest } from 'next/server'

/** Every page and answer carries a strict content policy; scripts run only with the page's own nonce. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = btoa(crypto.randomUUID())
  const dev = process.env.NODE_ENV === 'development'
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'${dev ? " 'unsafe-inline'" : ''}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy)
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'no-referrer')
  response.headers.set('permissions-policy', 'camera=(self), microphone=(self), geolocation=()')
  response.headers.set('cross-origin-opener-policy', 'same-origin')
  return response
}

export const config = {
  // Pages behind links carry no script and a policy of their own; answers carry theirs, and are not to be read here first.
  matcher: [
    {
      source: '/((?!api/|for/|_next/static|_next/image|icon|favicon.ico|manifest.webmanifest).*)',
    },
  ],
}
