import { LICENSED_TRADES, TRADES, type Trade } from '../../core/scope/vocabulary'
import { readCrews } from '../../data/crews'
import type { Context } from '../context'

/** The trades that a site's work needs, in the order of its work, each with who is on record for it. */
export function whoWorksView(context: Context, siteId: string) {
  context.requireLead()
  const site = context.site(siteId)
  const crews = readCrews(context.db)
  const needed = [...new Set(context.record(site).lines.map(({ trade }) => trade))] as Trade[]
  return {
    site: { id: site.id, name: site.name },
    trades: needed.map((trade) => ({
      trade,
      name: TRADES[trade],
      licensed: LICENSED_TRADES.includes(trade) && trade !== 'inspector' && trade !== 'engineer',
      crew: crews.find((crew) => crew.trade === trade)?.name ?? null,
    })),
  }
}
