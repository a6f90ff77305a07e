import { boolean, object } from 'yup'
import { jsonBody, route } from '@/server/http/route'
import { endSession } from '@/server/http/session'

const schema = object({ everywhere: boolean().required() })

export const POST = route(async (context, _params, request) =>
  endSession(context.firm, schema.validateSync(await jsonBody(request)).everywhere),
)
