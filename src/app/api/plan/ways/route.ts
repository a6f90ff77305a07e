import { route } from '@/server/http/route'
import { otherWays } from '@/server/plan/otherWays'

export const POST = route(async (context) => ({ ways: await otherWays(context) }))
