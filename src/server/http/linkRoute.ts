import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { runningFirm } from '../runningFirm'
import { requireOwnOrigin } from './route'

/** A page behind a link that is made as text; a refusal becomes the page that says so. */
export function linkRoute(
  handle: (firm: FirmFolder, params: Record<string, string>, request: Request) => Promise<Response>,
  refused: (message: string) => Promise<Response>,
) {
  return async (request: Request, { params }: { params: Promise<Record<string, string>> }): Promise<Response> => {
    try {
      requireOwnOrigin(request)
      return await handle(await runningFirm(), await params, request)
    } catch (error) {
      if (error instanceof Refusal) return refused(error.message)
      throw error
    }
  }
}

const NAME = 'their-name'
const A_YEAR = 365 * 24 * 3600

/** Keeps the name that somebody typed for the next time on this device, for this link alone. */
export const nameCookie = (path: string, name: string): string =>
  `${NAME}=${encodeURIComponent(name)}; Path=${path}; Max-Age=${A_YEAR}; HttpOnly; SameSite=Strict`

export function rememberedName(request: Request): string {
  const kept = new RegExp(`(?:^|; )${NAME}=([^;]*)`).exec(request.headers.get('cookie') ?? '')?.[1] ?? ''
  try {
    return decodeURIComponent(kept)
  } catch {
    return ''
  }
}
