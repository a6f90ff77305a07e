import { jsonBody, openRoute } from '@/server/http/route'
import { askQuestion } from '@/server/share/clientAnswers'

export const POST = openRoute(async (firm, { token }, request) => askQuestion(firm, token!, await jsonBody(request)))
