import { jsonBody, route } from '@/server/http/route'
import { keepHabits } from '@/server/people/firmDoors'

export const POST = route(async (context, _params, request) => keepHabits(context, await jsonBody(request)))
