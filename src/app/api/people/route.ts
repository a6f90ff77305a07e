import { jsonBody, route } from '@/server/http/route'
import { addPerson } from '@/server/people/accounts'

export const POST = route(async (context, _params, request) => ({
  id: (await addPerson(context, await jsonBody(request))).id,
}))
