import { composeTradeNotice } from '../core/share/tradeNotice'
import { readPlan } from '../data/plans'
import { readMessages } from '../data/share'
import { readSites } from '../data/sites'
import type { Context } from '../server/context'
import type { FirmFolder } from '../server/firmFolder'
import { withLinks } from '../server/share/links'
import { tellTrades } from '../server/share/notices'
import { whoToTell } from '../server/share/tell'
import { siteState } from '../server/siteStates'
import { took } from './took'

const BATCH = 200

/** Tells every trade of the coming weeks its days, so that a later plan has somebody to tell. */
export function tellEverybody(context: Context): number {
  const keys = whoToTell(context).unasked.map(({ visitKey }) => visitKey)
  for (let at = 0; at < keys.length; at += BATCH) tellTrades(context, { visitKeys: keys.slice(at, at + BATCH) })
  return keys.length
}

/** Milliseconds to find everybody whose facts changed by a plan and to compose what each of them reads. */
export function composed(context: Context): Promise<number> {
  return took(() => {
    const { visits } = readPlan(context.db)!.plan
    const byKey = new Map(visits.map((visit) => [visit.key, visit]))
    const sites = new Map(readSites(context.db).map((site) => [site.id, site]))
    for (const { changes } of whoToTell(context).changed)
      for (const { visitKey } of changes) {
        const visit = visitKey ? byKey.get(visitKey) : undefined
        const site = visit && sites.get(visit.siteId)
        if (site) composeTradeNotice(visit, visits, siteState(context.db, site), site.name, site.units)
      }
  })
}

/** The newest client's link that a firm has sent. */
export const clientLink = (firm: FirmFolder): string =>
  readMessages(firm.db, 1000).flatMap(({ body }) => /\/for\/client\/\S+/.exec(withLinks(firm, body) ?? '') ?? [])[0]!

export interface Readers {
  readonly perSecond: number
  /** Milliseconds within which 99 of 100 were answered. */
  readonly slowest: number
}

const READERS = 200
const SECONDS = 10

/** Many readers of one page at once, each loading it again and again. */
export async function manyReaders(url: string): Promise<Readers> {
  // Read here alone: no other command needs it.
  const { default: autocannon } = await import('autocannon')
  await autocannon({ url, connections: READERS, duration: 2 })
  const { requests, latency } = await autocannon({ url, connections: READERS, duration: SECONDS, workers: 1 })
  return { perSecond: requests.average, slowest: latency.p99 }
}
