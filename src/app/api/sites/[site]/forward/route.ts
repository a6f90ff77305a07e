import { route } from '@/server/http/route'
import { bringForward } from '@/server/plan/bringForward'

export const POST = route(async (context, { site }) => ({ found: await bringForward(context, site!) }))
