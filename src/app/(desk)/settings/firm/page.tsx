import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { firmSettingsView } from '@/server/views/settings'
import { FirmSettings } from '@/ui/setup/FirmSettings'
import { Phrases } from '@/ui/setup/Phrases'

export const metadata: Metadata = { title: 'Firm' }

export default async function FirmSettingsPage() {
  const context = await deskPage()
  const { phrases, ...firm } = await read(() => firmSettingsView(context))
  return (
    <>
      <FirmSettings {...firm} />
      <Phrases phrases={phrases} />
    </>
  )
}
