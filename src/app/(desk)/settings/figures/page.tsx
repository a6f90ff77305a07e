import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { figureSettingsView } from '@/server/views/settings'
import { FigureSettings } from '@/ui/setup/FigureSettings'

export const metadata: Metadata = { title: 'Figures' }

export default async function FigureSettingsPage() {
  const context = await deskPage()
  return <FigureSettings {...await read(() => figureSettingsView(context))} />
}
