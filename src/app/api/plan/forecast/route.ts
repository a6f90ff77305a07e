import { jsonBody, route } from '@/server/http/route'
import { keepForecast } from '@/server/plan/forecast'

export const POST = route(async (context, _params, request) => keepForecast(context, await jsonBody(request)))
