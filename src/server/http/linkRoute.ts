import type { Audience } from '../../data/links'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { runningFirm } from '../runningFirm'
import { openLink } from '../share/links'
import { requireOwnOrigin } from './route'

/** What a page without scripts may do: show its style, fonts and pictures, and send its own form. Nobody keeps it, finds
 * it, frames it, or learns where it is. */
export const PAGE_HEADERS = {
  'content-type': 'text/html; charset=utf-8',
  'cache-control': 'no-store',
  'content-security-policy':
    "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'permissions-policy': 'camera=(), microphone=(), geolocation=()',
  'cross-origin-opener-policy': 'same-origin',
  'x-robots-tag': 'noindex, nofollow',
} as const

/** A page behind a link that is made as text; a refusal becomes the page that says so. The link is looked up before
 * anything of what was sent is read. */
export function linkRoute(
  audience: Audience,
  handle: (firm: FirmFolder, params: Record<string, string>, request: Request) => Promise<Response>,
  refused: (status: number, message: string) => Promise<Response>,
) {
  return async (request: Request, { params }: { params: Promise<Record<string, string>> }): Promise<Response> => {
    try {
      requireOwnOrigin(request)
      const firm = await runningFirm()
      const given = await params
      openLink(firm, given.token ?? '', audience)
      return await handle(firm, given, request)
    } catch (error) {
      if (error instanceof Refusal) return refused(error.status, error.message)
      console.error(error)
      return refused(500, 'Something went wrong on our side. Please try again later, or call us.')
    }
  }
}

/** What was said by a form is taken: the browser goes back to the page, which says so. */
export function taken(request: Request, headers: Readonly<Record<string, string>> = {}): Response {
  const { pathname, searchParams } = new URL(request.url)
  searchParams.set('said', '')
  return new Response(null, {
    status: 303,
    headers: { location: `${pathname}?${searchParams.toString()}`, ...headers },
  })
}

const NAME = 'their-name'
const A_YEAR = 365 * 24 * 3600

/** Keeps the name that somebody typed for the next time on this device, for this link alone. */
export function nameCookie(request: Request, name: string): string {
  const secure = request.headers.get('x-forwarded-proto') === 'https' ? '; Secure' : ''
  const path = new URL(request.url).pathname
  return `${NAME}=${encodeURIComponent(name)}; Path=${path}; Max-Age=${A_YEAR}; HttpOnly; SameSite=Strict${secure}`
}

export function rememberedName(request: Request): string {
  const kept = new RegExp(`(?:^|; )${NAME}=([^;]*)`).exec(request.headers.get('cookie') ?? '')?.[1] ?? ''
  try {
    return decodeURIComponent(kept)
  } catch {
    return ''
  }
}
