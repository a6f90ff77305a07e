import { formBody } from '@/server/http/route'
import { linkRoute, taken } from '@/server/http/linkRoute'
import { otherPage, sayByOther } from '@/server/share/otherPage'
import { OtherPage } from '@/ui/links/OtherPage'
import { linkPage, refusedLink } from '../../linkPage'

export const GET = linkRoute(
  'other',
  (firm, { token }, request) => {
    const page = otherPage(firm, token!)
    const said = new URL(request.url).searchParams.has('said') ? (page.receipts[0]?.words ?? null) : null
    return linkPage(`For ${page.name}`, <OtherPage {...page} typed={{}} error={null} said={said} />)
  },
  refusedLink,
)

export const POST = linkRoute(
  'other',
  async (firm, { token }, request) => {
    const { typed } = await formBody(request)
    const error = await sayByOther(firm, token!, typed)
    if (error === null) return taken(request)
    const page = otherPage(firm, token!)
    return linkPage(`For ${page.name}`, <OtherPage {...page} typed={typed} error={error} said={null} />, 422)
  },
  refusedLink,
)
