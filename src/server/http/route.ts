import { ValidationError } from 'yup'
import { ImpossibleRequest } from '../../core/errors/impossibleRequest'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { runningFirm } from '../runningFirm'
import { Refusal } from '../refusal'
import { requireContext } from './session'

type Params = Record<string, string>
interface RouteArguments {
  params: Promise<Params>
}
type Answer = unknown

/** A route for people who are signed in. Writes must come from our own pages. */
export function route(handle: (context: Context, params: Params, request: Request) => Answer | Promise<Answer>) {
  return (request: Request, { params }: RouteArguments): Promise<Response> =>
    answer(request, async () => {
      const context = await requireContext()
      requireSamePerson(request, context)
      return handle(context, await params, request)
    })
}

/** What a phone kept for one person is not taken in under another. */
function requireSamePerson(request: Request, { who }: Context): void {
  const meant = request.headers.get('x-aftermist-who')
  if (meant !== null && meant !== who.key)
    throw new Refusal(401, 'Somebody else is signed in here. Sign in again; what you recorded is kept on the phone.')
}

/** A route that needs no session: signing in, or a link whose token is checked by the use case. */
export function openRoute(handle: (firm: FirmFolder, params: Params, request: Request) => Answer | Promise<Answer>) {
  return (request: Request, { params }: RouteArguments): Promise<Response> =>
    answer(request, async () => handle(await runningFirm(), await params, request))
}

async function answer(request: Request, handle: () => Promise<Answer>): Promise<Response> {
  try {
    requireOwnOrigin(request)
    const body = await handle()
    return withHeaders(body instanceof Response ? body : Response.json(body ?? {}))
  } catch (error) {
    return withHeaders(refusalResponse(error))
  }
}

/** What somebody is told is kept by nobody on the way, is nothing else than it says, and runs nothing. */
const ANSWER_HEADERS = {
  'cache-control': 'no-store',
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'x-robots-tag': 'noindex, nofollow',
} as const

function withHeaders(response: Response): Response {
  for (const [name, value] of Object.entries(ANSWER_HEADERS))
    if (!response.headers.has(name)) response.headers.set(name, value)
  return response
}

/** Refuses what another site's page sends. A form of a page that tells nobody where it is says 'null' for its origin; what
 * the browser then says of the site cannot be made up by a page. */
export function requireOwnOrigin(request: Request): void {
  if (request.method === 'GET' || request.method === 'HEAD') return
  const origin = request.headers.get('origin')
  const host = request.headers.get('x-forwarded-host') ?? request.headers.get('host')
  const own =
    origin && origin !== 'null'
      ? URL.canParse(origin) && new URL(origin).host === host
      : request.headers.get('sec-fetch-site') === 'same-origin'
  if (!own) throw new Refusal(403, 'This request did not come from Aftermist itself.')
}

function refusalResponse(error: unknown): Response {
  if (error instanceof Refusal) return refused(error.status, error.message, error.field)
  if (error instanceof ImpossibleRequest) return refused(422, error.message, error.field)
  if (error instanceof ValidationError) return refused(422, error.errors[0] ?? error.message, error.path)
  console.error(error)
  return refused(500, 'Something went wrong on our side. Nothing was saved; try again.')
}

const refused = (status: number, message: string, field?: string): Response =>
  Response.json({ error: { message, ...(field ? { field } : {}) } }, { status })

const TOO_MUCH = 'That is more than can be sent at once. Send it in smaller parts.'

/** The bytes of a request as they come, counted on the way: one byte over the limit and the rest is not taken. Whether the
 * sender said how much it would be, said so wrongly or not at all makes no difference.
 * @throws Refusal 413 */
export async function* partsOf(request: Request, limit: number, message = TOO_MUCH): AsyncGenerator<Uint8Array> {
  const tooMuch = (): Refusal => new Refusal(413, message, 'file')
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooMuch()
  if (!request.body) return
  const reader = request.body.getReader()
  let count = 0
  try {
    for (;;) {
      const { done, value } = await reader.read()
      if (done) return
      count += value.byteLength
      if (count > limit) throw tooMuch()
      yield value
    }
  } finally {
    await reader.cancel().catch(() => undefined)
  }
}

/** The raw bytes of a request, up to a limit. */
export async function bytesBody(request: Request, limit: number, message?: string): Promise<Buffer> {
  const parts: Uint8Array[] = []
  for await (const part of partsOf(request, limit, message)) parts.push(part)
  return Buffer.concat(parts)
}

/** The JSON body of a request, or a refusal that says so.
 * @param limit most bytes taken */
export async function jsonBody(request: Request, limit = 2_000_000): Promise<unknown> {
  const text = (await bytesBody(request, limit)).toString('utf8')
  try {
    return JSON.parse(text, withoutOwnMethods) as unknown
  } catch {
    throw new Refusal(400, 'The request could not be read. Reload the page and try again.')
  }
}

/** What was typed into a form and the files that were chosen, by the names of their fields, or a refusal that says so. */
export async function formBody(
  request: Request,
  limit = 100_000,
): Promise<{ typed: Record<string, string>; files: Record<string, Buffer> }> {
  const bytes = await bytesBody(request, limit)
  const type = request.headers.get('content-type') ?? ''
  const form = await new Response(new Uint8Array(bytes), { headers: { 'content-type': type } }).formData().catch(() => {
    throw new Refusal(400, 'The form could not be read. Reload the page and try again.')
  })
  const typed: Record<string, string> = {}
  const files: Record<string, Buffer> = {}
  for (const [key, value] of form) {
    if (typeof value === 'string') typed[key] = value
    else if (value.size > 0) files[key] = Buffer.from(await value.arrayBuffer())
  }
  return { typed, files }
}

/** Names under which an object would pretend to be something else when it is read as words or a number. */
const METHODS = new Set(['toString', 'valueOf', 'constructor', '__proto__', 'toJSON'])
const withoutOwnMethods = (key: string, value: unknown): unknown => (METHODS.has(key) ? undefined : value)
