import { route } from '@/server/http/route'
import { undoLastPlan } from '@/server/plan/changePlan'

export const POST = route((context) => undoLastPlan(context))
