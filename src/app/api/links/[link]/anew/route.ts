import { route } from '@/server/http/route'
import { giveAnew } from '@/server/share/links'

export const POST = route((context, { link }) => giveAnew(context, link!))
