import { route } from '@/server/http/route'
import { planAgain } from '@/server/plan/planAgain'

export const POST = route((context, _params, request) => planAgain(context, request.signal))
