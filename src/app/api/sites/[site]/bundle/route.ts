import { route } from '@/server/http/route'
import { siteBundle } from '@/server/sites/siteBundle'

export const GET = route((context, { site }) => siteBundle(context, site!))
