import { bytesBody, route } from '@/server/http/route'
import { bringSelections, selectionsFile } from '@/server/selections/selectionsFile'

const MAX_BYTES = 5_000_000

export const GET = route((context, _params, request) =>
  selectionsFile(context, new URL(request.url).searchParams.get('site')),
)

export const POST = route(async (context, _params, request) => {
  context.requireLead()
  const { searchParams } = new URL(request.url)
  return bringSelections(
    context,
    searchParams.get('site'),
    await bytesBody(request, MAX_BYTES),
    searchParams.has('keep'),
  )
})
