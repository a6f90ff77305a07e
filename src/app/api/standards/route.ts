import { jsonBody, route } from '@/server/http/route'
import { keepStandard } from '@/server/sites/keepStandard'

export const POST = route(async (context, _params, request) => keepStandard(context, await jsonBody(request)))
