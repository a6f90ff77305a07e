import { bytesBody, route } from '@/server/http/route'
import { takeBundle } from '@/server/sites/siteBundle'

const MAX_BYTES = 1_000_000_000

export const POST = route(async (context, _params, request) => takeBundle(context, await bytesBody(request, MAX_BYTES)))
