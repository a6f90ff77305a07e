import { jsonBody, openRoute } from '@/server/http/route'
import { openSession } from '@/server/http/session'
import { createFirm } from '@/server/people/accounts'

export const POST = openRoute(async (firm, _params, request) =>
  openSession(firm, await createFirm(firm, await jsonBody(request))),
)
