import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { paperView } from '@/server/views/paper'
import { PaperPage } from '@/ui/share/PaperPage'

export const metadata: Metadata = { title: 'Neighbours' }

export default async function NeighboursPage({ params }: { readonly params: Promise<{ readonly site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <PaperPage {...await read(() => paperView(context, site, 'neighbours'))} />
}
