import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { selectionsOfAll } from '@/server/views/selections'
import { SelectionsTable } from '@/ui/selections/SelectionsTable'

export const metadata: Metadata = { title: 'Selections' }

export default async function SelectionsPage() {
  const context = await deskPage()
  return <SelectionsTable {...await read(() => selectionsOfAll(context))} />
}
