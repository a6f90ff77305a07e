import { route } from '@/server/http/route'
import { walkSnapshot } from '@/server/walk/walkSnapshot'

export const GET = route((context, { site }) => walkSnapshot(context, site!))
