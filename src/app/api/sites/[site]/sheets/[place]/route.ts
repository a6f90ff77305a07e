import { route } from '@/server/http/route'
import { sheetFile } from '@/server/paper/paperFiles'

export const GET = route((context, { site, place }, request) =>
  sheetFile(context, site!, place!, new URL(request.url).searchParams.get('lang') ?? undefined),
)
