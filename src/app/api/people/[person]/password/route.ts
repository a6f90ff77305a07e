import { jsonBody, route } from '@/server/http/route'
import { resetPassword } from '@/server/people/accounts'

export const POST = route(async (context, { person }, request) =>
  resetPassword(context, person!, await jsonBody(request)),
)
