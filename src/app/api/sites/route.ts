import { jsonBody, route } from '@/server/http/route'
import { planFirm } from '@/server/plan/planFirm'
import { createSite } from '@/server/sites/createSite'

export const GET = route((context) => ({
  who: context.who,
  sites: context.sites().map(({ id, name }) => ({ id, name })),
}))

export const POST = route(async (context, _params, request) => {
  const made = createSite(context, await jsonBody(request))
  await planFirm(context, 'A new site')
  return made
})
