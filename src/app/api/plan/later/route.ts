import { route } from '@/server/http/route'
import { laterVisits } from '@/server/views/plan'

export const GET = route((context) => laterVisits(context))
