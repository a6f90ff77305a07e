import { MAX_FILE_BYTES } from '@/core/walk/sentFiles'
import { formBody } from '@/server/http/route'
import { linkRoute, taken } from '@/server/http/linkRoute'
import { tradePage } from '@/server/share/notices'
import { sayByTradeForm } from '@/server/share/tradeForm'
import { TradePage, type TradePageProps } from '@/ui/links/TradePage'
import { linkPage, refusedLink } from '../../linkPage'

const page = (props: TradePageProps, status = 200): Promise<Response> =>
  linkPage(props.notice?.title ?? props.firm, <TradePage {...props} />, status, props.language)

export const GET = linkRoute(
  'trade',
  (firm, { token }, request) => {
    const asked = new URL(request.url).searchParams
    const view = tradePage(firm, token!, asked.get('lang') ?? undefined)
    return page({ ...view, typed: {}, error: null, said: asked.has('said') ? (view.receipts[0]?.words ?? null) : null })
  },
  refusedLink,
)

export const POST = linkRoute(
  'trade',
  async (firm, { token }, request) => {
    const { typed, files } = await formBody(request, MAX_FILE_BYTES.photo + 100_000)
    const error = await sayByTradeForm(firm, token!, typed, files.photo)
    if (error === null) return taken(request)
    const asked = new URL(request.url).searchParams.get('lang') ?? undefined
    return page({ ...tradePage(firm, token!, asked), typed, error, said: null }, 422)
  },
  refusedLink,
)
