import { jsonBody, route } from '@/server/http/route'
import { putAwayPerson } from '@/server/people/accounts'

export const POST = route(async (context, { person }, request) =>
  putAwayPerson(context, person!, await jsonBody(request)),
)
