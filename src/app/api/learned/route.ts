import { jsonBody, route } from '@/server/http/route'
import { takeLearned } from '@/server/learning/learned'

export const POST = route(async (context, _params, request) => takeLearned(context, await jsonBody(request)))
