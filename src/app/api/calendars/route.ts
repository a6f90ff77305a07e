import { jsonBody, route } from '@/server/http/route'
import { makeFeed } from '@/server/share/calendarFeed'

export const POST = route(async (context, _params, request) => makeFeed(context, await jsonBody(request)))
