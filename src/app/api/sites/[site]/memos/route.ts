import { bytesBody, route } from '@/server/http/route'
import { MAX_MEMO_BYTES, storeMemo } from '@/server/photos/memos'

export const POST = route(async (context, { site }, request) =>
  storeMemo(context, site!, await bytesBody(request, MAX_MEMO_BYTES)),
)
