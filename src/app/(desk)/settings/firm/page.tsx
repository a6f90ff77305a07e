import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { firmSettingsView } from '@/server/views/settings'
import { FirmSettings } from '@/ui/setup/FirmSettings'

export const metadata: Metadata = { title: 'Firm' }

export default async function FirmSettingsPage() {
  const context = await deskPage()
  return <FirmSettings {...await read(() => firmSettingsView(context))} />
}
