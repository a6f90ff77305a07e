import { route } from '@/server/http/route'
import { paperFile } from '@/server/share/paperFiles'

export const GET = route((context, { site, reader }) => paperFile(context, site!, reader!))
