import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { recordView } from '@/server/views/record'
import { Record } from '@/ui/record/Record'

export const metadata: Metadata = { title: 'The record' }

export default async function SiteRecordPage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <Record {...await read(() => recordView(context, site))} />
}
