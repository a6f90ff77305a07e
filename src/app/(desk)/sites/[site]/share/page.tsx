import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { siteShareView } from '@/server/views/share'
import { SiteShare } from '@/ui/share/SiteShare'

export const metadata: Metadata = { title: 'Share' }

export default async function SiteSharePage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <SiteShare {...await read(() => siteShareView(context, site))} />
}
