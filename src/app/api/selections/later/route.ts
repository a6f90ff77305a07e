import { route } from '@/server/http/route'
import { laterSelections } from '@/server/views/selections'

export const GET = route((context) => laterSelections(context))
