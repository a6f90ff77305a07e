import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { BringSite } from '@/ui/setup/BringSite'

export const metadata: Metadata = { title: 'Bring a site' }

export default async function BringSitePage() {
  const context = await deskPage()
  await read(() => context.requireOwner())
  return <BringSite />
}
