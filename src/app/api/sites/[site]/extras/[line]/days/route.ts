import { route } from '@/server/http/route'
import { extraDays } from '@/server/plan/extraDays'

export const POST = route((context, { site, line }) => extraDays(context, site!, decodeURIComponent(line!)))
