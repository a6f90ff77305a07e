import { openRoute } from '@/server/http/route'
import { sharedPhoto } from '@/server/share/clientUpdates'

export const GET = openRoute((firm, { token, hash }) => sharedPhoto(firm, token!, hash!))
