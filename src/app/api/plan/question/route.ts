import { route } from '@/server/http/route'
import { whatIfQuestion } from '@/server/plan/whatIfQuestion'

export const GET = route((context) => whatIfQuestion(context))
