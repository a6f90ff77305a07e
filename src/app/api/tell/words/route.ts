import { jsonBody, route } from '@/server/http/route'
import { wordsToSend } from '@/server/share/notices'

export const POST = route(async (context, _params, request) => wordsToSend(context, await jsonBody(request)))
