import type { Metadata } from 'next'
import { readLinkPage } from '@/server/http/pages'
import { clientPage } from '@/server/share/clientUpdates'
import { ClientPage, LinkRefused } from '@/ui/links/ClientPage'

export const metadata: Metadata = { title: 'Your house', robots: { index: false, follow: false } }

export default async function ClientLinkPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params
  const page = await readLinkPage((firm) => clientPage(firm, token))
  return 'refused' in page ? <LinkRefused message={page.refused} /> : <ClientPage {...page.view} />
}
