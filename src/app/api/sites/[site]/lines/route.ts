import { waitable } from '@/core/walk/waits'
import { route } from '@/server/http/route'

/** What work on other sites can wait for on this one. */
export const GET = route((context, { site }) => {
  context.requireLead()
  return waitable(context.record(context.site(site!)))
})
