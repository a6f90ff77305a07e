import { route } from '@/server/http/route'
import { memoResponse } from '@/server/photos/memos'

export const GET = route((context, { hash }) => memoResponse(context, hash!))
