import { openRoute } from '@/server/http/route'
import { paperPhoto } from '@/server/share/otherPage'

export const GET = openRoute((firm, { token, hash }) => paperPhoto(firm, token!, hash!))
