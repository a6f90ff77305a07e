import { senseOf, type Sense } from '../../core/schedule/sense'
import type { Db } from '../../data/database'
import { readStandards } from '../../data/standards'

/** What plans, orders and readiness keep to at a site: its own figures, the firm's, and the usual ones. */
export const siteSense = (db: Db, siteId: string): Sense => senseOf(readStandards(db, siteId))
