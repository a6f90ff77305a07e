import type { ReactNode } from 'react'
import { linkRoute, nameCookie, PAGE_HEADERS, rememberedName } from '@/server/http/linkRoute'
import { formBody } from '@/server/http/route'
import { sayByForm } from '@/server/share/clientForm'
import { clientPage } from '@/server/share/clientUpdates'
import { ClientPage } from '@/ui/links/ClientPage'
import { LinkDocument } from '@/ui/links/LinkDocument'
import { LinkRefused } from '@/ui/links/LinkRefused'

/** A page without scripts is made here, once, as text. */
async function rendered(status: number, body: ReactNode): Promise<Response> {
  const { renderToStaticMarkup } = await import('react-dom/server')
  const html = renderToStaticMarkup(<LinkDocument title="Your house">{body}</LinkDocument>)
  return new Response(`<!doctype html>${html}`, {
    status,
    headers: PAGE_HEADERS,
  })
}

const refused = (status: number, message: string): Promise<Response> =>
  rendered(status, <LinkRefused message={message} styles={{ page: 'page', body: 'body' }} />)

export const GET = linkRoute((firm, { token }, request) => {
  const page = clientPage(firm, token!)
  const said = new URL(request.url).searchParams.has('said') ? (page.receipts[0]?.words ?? null) : null
  return rendered(200, <ClientPage {...page} typed={{ name: rememberedName(request) }} error={null} said={said} />)
}, refused)

export const POST = linkRoute(async (firm, { token }, request) => {
  const typed = await formBody(request)
  const error = sayByForm(firm, token!, typed)
  if (error === null)
    return new Response(null, {
      status: 303,
      headers: {
        location: `${new URL(request.url).pathname}?said`,
        'set-cookie': nameCookie(request, typed.name ?? ''),
      },
    })
  return rendered(422, <ClientPage {...clientPage(firm, token!)} typed={typed} error={error} said={null} />)
}, refused)
