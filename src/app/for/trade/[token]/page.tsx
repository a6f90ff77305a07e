import type { Metadata } from 'next'
import { readLinkPage } from '@/server/http/pages'
import { tradePage } from '@/server/share/notices'
import { tradeReceipts } from '@/server/share/tradeWords'
import { LinkRefused } from '@/ui/links/LinkRefused'
import styles from '@/ui/links/LinkPage.module.css'
import { TradePage } from '@/ui/links/TradePage'

export const metadata: Metadata = { title: 'Your visit', robots: { index: false, follow: false } }

export default async function TradeLinkPage({
  params,
  searchParams,
}: {
  params: Promise<{ token: string }>
  searchParams: Promise<{ lang?: string }>
}) {
  const { token } = await params
  const { lang } = await searchParams
  const page = await readLinkPage((firm) => ({ ...tradePage(firm, token, lang), receipts: tradeReceipts(firm, token) }))
  return 'refused' in page ? <LinkRefused message={page.refused} styles={styles} /> : <TradePage {...page.view} />
}
