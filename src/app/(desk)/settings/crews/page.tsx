import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { crewSettingsView } from '@/server/views/settings'
import { CrewSettings } from '@/ui/setup/CrewSettings'

export const metadata: Metadata = { title: 'Crews and suppliers' }

export default async function CrewSettingsPage() {
  const context = await deskPage()
  return <CrewSettings {...await read(() => crewSettingsView(context))} />
}
