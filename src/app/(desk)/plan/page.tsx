import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { planOfAll } from '@/server/views/plan'
import { PlanBoard } from '@/ui/plan/PlanBoard'

export const metadata: Metadata = { title: 'Plan' }

export default async function PlanPage() {
  const context = await deskPage()
  return <PlanBoard {...await read(() => planOfAll(context))} />
}
