import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { firmOnRecord } from '@/server/http/session'
import { NewFirm } from '@/ui/setup/SignIn'

export const metadata: Metadata = { title: 'Start your firm' }

export default async function Welcome() {
  if (await firmOnRecord()) redirect('/sign-in')
  return <NewFirm />
}
