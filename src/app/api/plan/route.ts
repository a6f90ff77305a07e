import { jsonBody, route } from '@/server/http/route'
import { keepGoal } from '@/server/plan/otherWays'
import { planAgain } from '@/server/plan/planAgain'

export const POST = route(async (context, _params, request) => {
  keepGoal(context, await jsonBody(request))
  return planAgain(context, request.signal)
})
