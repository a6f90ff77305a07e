import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { lookAheadView } from '@/server/views/lookAhead'
import { LookAhead } from '@/ui/plan/LookAhead'

export const metadata: Metadata = { title: 'The next weeks' }

export default async function LookAheadPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly site?: string; readonly weeks?: string; readonly by?: string }>
}) {
  const { site, weeks, by } = await searchParams
  const context = await deskPage()
  const view = await read(() => lookAheadView(context, site ? site : null, weeks === '3' ? 3 : 2))
  return <LookAhead {...view} by={by === 'place' ? 'place' : 'trade'} />
}
