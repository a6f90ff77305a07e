import { jsonBody, route } from '@/server/http/route'
import { addLineRows } from '@/server/sites/addLine'

export const POST = route(async (context, { site }, request) => addLineRows(context, site!, await jsonBody(request)))
