import { route } from '@/server/http/route'
import { visitReportFile } from '@/server/paper/paperFiles'

export const GET = route((context, { site }, request) =>
  visitReportFile(context, site!, new URL(request.url).searchParams.getAll('walk')),
)
