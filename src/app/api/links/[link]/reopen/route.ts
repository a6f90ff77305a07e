import { route } from '@/server/http/route'
import { reopenLink } from '@/server/share/links'

export const POST = route((context, { link }) => reopenLink(context, link!))
