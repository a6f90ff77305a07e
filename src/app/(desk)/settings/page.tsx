import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { mySettingsView } from '@/server/views/settings'
import { MySettings } from '@/ui/setup/MySettings'

export const metadata: Metadata = { title: 'Settings' }

export default async function MySettingsPage() {
  const context = await deskPage()
  return <MySettings {...await read(() => mySettingsView(context))} />
}
