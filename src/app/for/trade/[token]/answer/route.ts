import { jsonBody, openRoute } from '@/server/http/route'
import { answerNotice } from '@/server/share/notices'

export const POST = openRoute(async (firm, { token }, request) => answerNotice(firm, token!, await jsonBody(request)))
