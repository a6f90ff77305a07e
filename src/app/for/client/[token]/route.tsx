import { formBody } from '@/server/http/route'
import { linkRoute, nameCookie, rememberedName, taken } from '@/server/http/linkRoute'
import { sayByForm } from '@/server/share/clientForm'
import { clientPage } from '@/server/share/clientUpdates'
import { ClientPage } from '@/ui/links/ClientPage'
import { linkPage, refusedLink } from '../../linkPage'

const TITLE = 'Your house'

export const GET = linkRoute(
  'client',
  (firm, { token }, request) => {
    const page = clientPage(firm, token!)
    const said = new URL(request.url).searchParams.has('said') ? (page.receipts[0]?.words ?? null) : null
    return linkPage(TITLE, <ClientPage {...page} typed={{ name: rememberedName(request) }} error={null} said={said} />)
  },
  refusedLink,
)

export const POST = linkRoute(
  'client',
  async (firm, { token }, request) => {
    const { typed } = await formBody(request)
    const error = await sayByForm(firm, token!, typed)
    if (error === null) return taken(request, { 'set-cookie': nameCookie(request, typed.name ?? '') })
    return linkPage(TITLE, <ClientPage {...clientPage(firm, token!)} typed={typed} error={error} said={null} />, 422)
  },
  refusedLink,
)
