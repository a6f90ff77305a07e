import { MAX_FILE_BYTES } from '@/core/walk/sentFiles'
import { bytesBody, openRoute } from '@/server/http/route'
import { photoByTrade } from '@/server/share/tradeWords'

export const POST = openRoute(async (firm, { token }, request) =>
  photoByTrade(firm, token!, await bytesBody(request, MAX_FILE_BYTES.photo)),
)
