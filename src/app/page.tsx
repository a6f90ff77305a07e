import { redirect } from 'next/navigation'
import { firmOnRecord } from '@/server/http/session'

export default async function Home() {
  redirect((await firmOnRecord()) ? '/today' : '/welcome')
}
