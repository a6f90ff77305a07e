import { route } from '@/server/http/route'
import { handOverFile } from '@/server/share/handOverFile'

export const GET = route((context, { site }) => handOverFile(context, site!))
