import { readRegisters } from '../../data/observations'
import type { Observation } from '../../core/walk/observation'
import type { Context } from '../context'
import { readPlan } from '../../data/plans'
import { MONEY_FACETS } from './factSchemas'

/** All a phone needs to walk a site without a network: its registers, its planned visits, and the server's time. */
export function walkSnapshot(context: Context, siteId: string) {
  const site = context.site(siteId)
  const registers = readRegisters(context.db, site.id).filter((o) => context.seesMoney || !hiddenFromCrew(o))
  const plan = readPlan(context.db)
  return {
    site: {
      id: site.id,
      name: site.name,
      units: site.units,
      livedIn: site.livedIn,
      built: site.built,
      startsOn: site.startsOn,
    },
    person: context.person.name,
    now: context.now(),
    today: context.today,
    registers: registers.map(withoutPrice(context.seesMoney)),
    visits: (plan?.plan.visits ?? [])
      .filter((visit) => visit.siteId === site.id)
      .map(({ lineIds, startDay, endDay, trade }) => ({ lineIds, startDay, endDay, trade })),
  }
}

/** Money and private remarks are for the lead and the owner. */
const hiddenFromCrew = (o: Observation): boolean =>
  MONEY_FACETS.has(`${o.subject}|${o.facet}`) || (o.subject === 'note' && o.facet === 'noted' && o.value.private)

const withoutPrice =
  (seesMoney: boolean) =>
  (o: Observation): Observation => {
    if (seesMoney || o.subject !== 'decision' || o.facet !== 'asked') return o
    const { price: _price, ...rest } = o.value
    return { ...o, value: rest }
  }
