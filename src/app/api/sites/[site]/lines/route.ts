import { waitable } from '@/core/walk/waits'
import { jsonBody, route } from '@/server/http/route'
import { addLine } from '@/server/sites/addLine'

/** What work on other sites can wait for on this one. */
export const GET = route((context, { site }) => {
  context.requireLead()
  return waitable(context.record(context.site(site!)))
})

export const POST = route(async (context, { site }, request) => addLine(context, site!, await jsonBody(request)))
