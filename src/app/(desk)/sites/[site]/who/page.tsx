import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { whoWorksView } from '@/server/views/whoWorks'
import { WhoWorks } from '@/ui/setup/WhoWorks'

export const metadata: Metadata = { title: 'Who works here' }

export default async function WhoWorksPage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <WhoWorks {...await read(() => whoWorksView(context, site))} />
}
