import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { registersView } from '@/server/views/registers'
import { Registers } from '@/ui/registers/Registers'

export const metadata: Metadata = { title: 'Registers' }

export default async function SiteRegistersPage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <Registers {...await read(() => registersView(context, site))} />
}
