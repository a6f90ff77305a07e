import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { scopeView } from '@/server/views/scope'
import { ScopeBoard } from '@/ui/scope/ScopeBoard'

export const metadata: Metadata = { title: 'Scope' }

export default async function ScopePage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  const view = await read(() => scopeView(context, site))
  return <ScopeBoard {...view} mayEdit={context.seesMoney} />
}
