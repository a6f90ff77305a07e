import { jsonBody, route } from '@/server/http/route'
import { receiveObservations } from '@/server/walk/receiveObservations'

export const POST = route(async (context, { site }, request) =>
  receiveObservations(context, site!, await jsonBody(request)),
)
