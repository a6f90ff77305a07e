import { jsonBody, route } from '@/server/http/route'
import { keepMorningAddress } from '@/server/share/morningMail'

export const POST = route(async (context, _params, request) => keepMorningAddress(context, await jsonBody(request)))
