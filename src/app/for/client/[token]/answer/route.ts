import { jsonBody, openRoute } from '@/server/http/route'
import { answerAsk } from '@/server/share/clientAnswers'

export const POST = openRoute(async (firm, { token }, request) => answerAsk(firm, token!, await jsonBody(request)))
