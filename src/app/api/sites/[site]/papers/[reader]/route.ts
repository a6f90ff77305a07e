import { route } from '@/server/http/route'
import { paperFile } from '@/server/paper/paperFiles'

export const GET = route((context, { site, reader }) => paperFile(context, site!, reader!))
