import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { roomSheetView } from '@/server/views/roomSheet'
import { RoomSheetPage } from '@/ui/share/RoomSheetPage'

export const metadata: Metadata = { title: 'Room sheet' }

export default async function SheetPage({
  params,
  searchParams,
}: {
  params: Promise<{ site: string; place: string }>
  searchParams: Promise<{ lang?: string }>
}) {
  const { site, place } = await params
  const { lang } = await searchParams
  const context = await deskPage()
  return <RoomSheetPage {...await read(() => roomSheetView(context, site, place, lang))} />
}
