import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { firmOnRecord } from '@/server/http/session'
import { SignIn } from '@/ui/setup/SignIn'

export const metadata: Metadata = { title: 'Sign in' }

export default async function SignInPage() {
  const firm = await firmOnRecord()
  if (!firm) redirect('/welcome')
  return <SignIn demo={firm.demo} firm={firm.name} />
}
