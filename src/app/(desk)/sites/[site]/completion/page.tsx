import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { completionView } from '@/server/views/completion'
import { Completion } from '@/ui/share/Completion'

export const metadata: Metadata = { title: 'Completion' }

export default async function CompletionPage({ params }: { readonly params: Promise<{ readonly site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <Completion {...await read(() => completionView(context, site))} />
}
