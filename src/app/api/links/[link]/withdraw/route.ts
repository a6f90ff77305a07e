import { route } from '@/server/http/route'
import { withdrawLink } from '@/server/share/links'

export const POST = route((context, { link }) => withdrawLink(context, link!))
