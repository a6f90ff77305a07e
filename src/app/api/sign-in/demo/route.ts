import { jsonBody, openRoute } from '@/server/http/route'
import { openSession } from '@/server/http/session'
import { signInToDemo } from '@/server/people/accounts'

export const POST = openRoute(async (firm, _params, request) =>
  openSession(firm, signInToDemo(firm, await jsonBody(request))),
)
