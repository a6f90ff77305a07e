import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { shareView } from '@/server/views/share'
import { FirmShare } from '@/ui/share/FirmShare'

export const metadata: Metadata = { title: 'Share' }

export default async function SharePage() {
  const context = await deskPage()
  return <FirmShare {...await read(() => shareView(context))} />
}
