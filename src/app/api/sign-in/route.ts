import { jsonBody, openRoute } from '@/server/http/route'
import { addressOfRequest, openSession } from '@/server/http/session'
import { signIn } from '@/server/people/accounts'

export const POST = openRoute(async (firm, _params, request) =>
  openSession(firm, await signIn(firm, await jsonBody(request), await addressOfRequest())),
)
