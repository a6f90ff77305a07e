import type { Metadata } from 'next'
import { deskPage } from '@/server/http/pages'
import { firmSettingsView } from '@/server/views/settings'
import { FirmSettings } from '@/ui/setup/FirmSettings'

export const metadata: Metadata = { title: 'Settings' }

export default async function SettingsPage() {
  return <FirmSettings {...firmSettingsView(await deskPage())} />
}
