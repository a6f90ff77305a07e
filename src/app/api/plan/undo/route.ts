import { route } from '@/server/http/route'
import { undoLastPlan } from '@/server/plan/moveVisit'

export const POST = route((context) => undoLastPlan(context))
