import { jsonBody, route } from '@/server/http/route'
import { keepFirmDoors } from '@/server/people/firmDoors'

export const POST = route(async (context, _params, request) => keepFirmDoors(context, await jsonBody(request)))
