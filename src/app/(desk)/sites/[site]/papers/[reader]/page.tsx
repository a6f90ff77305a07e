import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { paperView } from '@/server/views/paper'
import { PaperPage } from '@/ui/share/PaperPage'

export const metadata: Metadata = { title: 'Paper' }

export default async function ReaderPaperPage({ params }: { params: Promise<{ site: string; reader: string }> }) {
  const { site, reader } = await params
  const context = await deskPage()
  return <PaperPage {...await read(() => paperView(context, site, reader))} />
}
