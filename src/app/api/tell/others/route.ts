import { jsonBody, route } from '@/server/http/route'
import { tellOthers } from '@/server/share/others'

export const POST = route(async (context, _params, request) => tellOthers(context, await jsonBody(request)))
