import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { tradeView } from '@/server/views/trade'
import { TradeRun } from '@/ui/plan/TradeRun'

export const metadata: Metadata = { title: 'A trade’s run' }

export default async function TradePage({ params }: { readonly params: Promise<{ readonly crew: string }> }) {
  const { crew } = await params
  const context = await deskPage()
  return <TradeRun {...await read(() => tradeView(context, crew))} />
}
