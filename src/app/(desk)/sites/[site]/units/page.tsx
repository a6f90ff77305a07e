import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { unitsView } from '@/server/views/units'
import { UnitsOfHouse } from '@/ui/scope/UnitsOfHouse'

export const metadata: Metadata = { title: 'Units of the house' }

export default async function UnitsPage({ params }: { params: Promise<{ site: string }> }) {
  const { site } = await params
  const context = await deskPage()
  return <UnitsOfHouse {...await read(() => unitsView(context, site))} />
}
