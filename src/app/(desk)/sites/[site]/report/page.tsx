import type { Metadata } from 'next'
import { deskPage, read } from '@/server/http/pages'
import { visitReportView } from '@/server/views/visitReport'
import { VisitReport } from '@/ui/share/VisitReport'

export const metadata: Metadata = { title: 'Report of visits' }

interface ReportPageProps {
  readonly params: Promise<{ site: string }>
  readonly searchParams: Promise<{ walk?: string | string[] }>
}

export default async function ReportPage({ params, searchParams }: ReportPageProps) {
  const [{ site }, { walk = [] }] = await Promise.all([params, searchParams])
  const context = await deskPage()
  return <VisitReport {...await read(() => visitReportView(context, site, [walk].flat()))} />
}
