import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { siteSettingsView } from '@/server/views/settings'
import { SiteSettings } from '@/ui/setup/SiteSettings'

export const metadata: Metadata = { title: 'Site settings' }

export default async function SiteSettingsPage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <SiteSettings {...await read(() => siteSettingsView(context, site))} />
}
