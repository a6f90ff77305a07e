import { route } from '@/server/http/route'
import { ordersFile } from '@/server/selections/ordersFile'

export const GET = route((context, _params, request) =>
  ordersFile(context, new URL(request.url).searchParams.get('site')),
)
