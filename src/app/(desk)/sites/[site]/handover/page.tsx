import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { handOverView } from '@/server/views/completion'
import { HandOverPack } from '@/ui/share/HandOverPack'

export const metadata: Metadata = { title: 'Hand-over' }

export default async function HandOverPage({ params }: { readonly params: Promise<{ readonly site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <HandOverPack {...await read(() => handOverView(context, site))} />
}
