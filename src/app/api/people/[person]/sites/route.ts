import { jsonBody, route } from '@/server/http/route'
import { assignPerson } from '@/server/people/accounts'

export const POST = route(async (context, { person }, request) =>
  assignPerson(context, person!, await jsonBody(request)),
)
