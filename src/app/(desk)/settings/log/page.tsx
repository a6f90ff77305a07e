import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { doorLogView } from '@/server/people/firmDoors'
import { DoorLog } from '@/ui/setup/DoorLog'

export const metadata: Metadata = { title: 'Who came in' }

export default async function DoorLogPage({ searchParams }: { searchParams: Promise<{ before?: string }> }) {
  const { before } = await searchParams
  const context = await deskPage()
  return <DoorLog {...await read(() => doorLogView(context, before))} />
}
