import { openRoute } from '@/server/http/route'
import { calendarFeed } from '@/server/share/calendarFeed'

export const GET = openRoute(
  (firm, { token }) =>
    new Response(calendarFeed(firm, token!), {
      headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-store' },
    }),
)
