import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { selectionsView } from '@/server/views/selections'
import { SelectionsTable } from '@/ui/selections/SelectionsTable'

export const metadata: Metadata = { title: 'Selections' }

export default async function SiteSelectionsPage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <SelectionsTable {...await read(() => selectionsView(context, site))} />
}
