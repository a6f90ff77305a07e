import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { scopeView } from '@/server/views/scope'
import { ScopeBoard } from '@/ui/scope/ScopeBoard'

export const metadata: Metadata = { title: 'Scope' }

export default async function ScopePage({
  params,
  searchParams,
}: {
  params: Promise<{ site: string }>
  searchParams: Promise<{ since?: string }>
}) {
  const [{ site }, { since }] = await Promise.all([params, searchParams])
  const context = await deskPage()
  const view = await read(() => scopeView(context, site, since))
  return <ScopeBoard {...view} mayEdit={context.seesMoney} />
}
