import { fileAnswer } from '@/server/http/fileAnswer'
import { route } from '@/server/http/route'
import { planPdf } from '@/server/paper/planPdf'
import { planView } from '@/server/views/plan'

export const GET = route(async (context, _params, request) =>
  fileAnswer(
    await planPdf(planView(context, new URL(request.url).searchParams.get('site'))),
    'application/pdf',
    'plan.pdf',
  ),
)
