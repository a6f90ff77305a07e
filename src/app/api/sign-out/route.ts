import { endEverySession } from '@/server/people/accounts'
import { jsonBody, route } from '@/server/http/route'
import { endSession } from '@/server/http/session'

export const POST = route(async (context, _params, request) => {
  endEverySession(context, await jsonBody(request))
  await endSession(context.firm)
})
