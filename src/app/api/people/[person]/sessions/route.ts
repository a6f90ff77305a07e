import { route } from '@/server/http/route'
import { endSessionsOf } from '@/server/people/accounts'

export const POST = route((context, { person }) => endSessionsOf(context, person!))
