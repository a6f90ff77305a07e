import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { lookBackView } from '@/server/views/lookBack'
import { LookBack } from '@/ui/record/LookBack'

export const metadata: Metadata = { title: 'Look back' }

export default async function LookBackPage({ params }: { readonly params: Promise<{ readonly site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <LookBack {...await read(() => lookBackView(context, site))} />
}
