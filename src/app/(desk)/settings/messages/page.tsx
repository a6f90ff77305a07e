import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { doorSettingsView } from '@/server/views/settings'
import { DoorSettings } from '@/ui/setup/DoorSettings'

export const metadata: Metadata = { title: 'Messages and addresses' }

export default async function DoorSettingsPage() {
  const context = await deskPage()
  return <DoorSettings {...await read(() => doorSettingsView(context))} />
}
