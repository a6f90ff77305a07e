import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { NewSite } from '@/ui/setup/NewSite'

export const metadata: Metadata = { title: 'New site' }

export default async function NewSitePage() {
  const context = await deskPage()
  await read(() => context.requireLead())
  return <NewSite today={context.today} mayBring={context.person.role === 'owner'} units={context.firmName.units} />
}
