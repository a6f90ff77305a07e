import { jsonBody, route } from '@/server/http/route'
import { keepBusyTimes } from '@/server/sites/busyTimes'

export const POST = route(async (context, _params, request) => keepBusyTimes(context, await jsonBody(request)))
