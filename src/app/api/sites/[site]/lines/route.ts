import { jsonBody, route } from '@/server/http/route'
import { addLine } from '@/server/sites/addLine'

export const POST = route(async (context, { site }, request) => addLine(context, site!, await jsonBody(request)))
