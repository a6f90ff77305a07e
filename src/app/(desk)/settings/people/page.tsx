import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { peopleSettingsView } from '@/server/views/settings'
import { PeopleSettings } from '@/ui/setup/PeopleSettings'

export const metadata: Metadata = { title: 'People' }

export default async function PeopleSettingsPage() {
  const context = await deskPage()
  return <PeopleSettings {...await read(() => peopleSettingsView(context))} />
}
