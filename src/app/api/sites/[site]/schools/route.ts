import { route } from '@/server/http/route'
import { otherSchools } from '@/server/plan/otherSchools'

export const POST = route(async (context, { site }) => ({ schools: await otherSchools(context, site!) }))
