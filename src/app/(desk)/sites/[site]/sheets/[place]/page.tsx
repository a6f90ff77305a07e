import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { deskPage, read } from '@/server/http/pages'
import { originFrom } from '@/server/http/route'
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
  const origin = originFrom(await headers())
  return <RoomSheetPage {...await read(() => roomSheetView(context, site, place, origin, lang))} />
}
