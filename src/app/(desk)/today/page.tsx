import type { Metadata } from 'next'
import { deskPage } from '@/server/http/pages'
import { todayView } from '@/server/views/today'
import { TodayDesk } from '@/ui/today/TodayDesk'

export const metadata: Metadata = { title: 'Today' }

export default async function TodayPage() {
  const context = await deskPage()
  return <TodayDesk {...todayView(context)} mayPlan={context.seesMoney} />
}
