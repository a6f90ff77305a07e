import { openRoute } from '@/server/http/route'
import { noticePhoto } from '@/server/share/notices'

export const GET = openRoute((firm, { token, hash }) => noticePhoto(firm, token!, hash!))
