import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { shareView } from '@/server/views/share'
import { CalendarFeeds, Links } from '@/ui/share/Links'
import { Receipts } from '@/ui/share/Receipts'
import { Outbox } from '@/ui/share/Outbox'
import { TellList } from '@/ui/share/ShareDesk'

export const metadata: Metadata = { title: 'Share' }

export default async function SharePage() {
  const context = await deskPage()
  const view = await read(() => shareView(context))
  return (
    <div className="page">
      <h1>Share</h1>
      <TellList {...view.tell} />
      <Receipts receipts={view.receipts} />
      <div className="mt-4">
        <CalendarFeeds site={null} crews={view.crews} />
        <Links links={view.links} />
      </div>
      <div className="mt-4">
        <Outbox {...view.outbox} />
      </div>
    </div>
  )
}
