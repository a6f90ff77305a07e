import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { neighboursView } from '@/server/views/neighbours'
import { Neighbours } from '@/ui/share/Neighbours'

export const metadata: Metadata = { title: 'Neighbours' }

export default async function NeighboursPage({ params }: { readonly params: Promise<{ readonly site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <Neighbours {...await read(() => neighboursView(context, site))} />
}
