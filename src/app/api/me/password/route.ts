import { jsonBody, route } from '@/server/http/route'
import { addressOfRequest, openSession } from '@/server/http/session'
import { changePassword } from '@/server/people/accounts'

export const POST = route(async (context, _params, request) => {
  await changePassword(context, await jsonBody(request), await addressOfRequest())
  await openSession(context.firm, context.person)
})
