import type { Schools } from '../../core/sequence/schools'
import { logAtDoor } from '../../data/doorLog'
import { putSiteAway, updateSite } from '../../data/sites'
import { away } from '../../schemas/away'
import type { Context } from '../context'
import { Refusal } from '../refusal'
import { siteSettings } from '../../schemas/site'
import { crewChoices } from './crewChoices'
import { calendarFrom, relationsFrom, startFrom } from './siteInput'

/** Changes a site's settings and order of work. A circle among relations is refused and told in words. */
export function editSite(context: Context, siteId: string, body: unknown): void {
  context.requireLead()
  const site = context.site(siteId)
  const input = siteSettings.validateSync(body)
  if (input.revision !== site.revision) {
    throw new Refusal(
      409,
      'Something was recorded for this site since you opened the form. Look at it again and save; what you typed is kept.',
    )
  }
  const schools = input.schools as Schools
  updateSite(context.db, {
    ...site,
    livedIn: input.livedIn,
    calendar: calendarFrom(input),
    startsOn: startFrom(input.startsOn),
    travelHours: input.travelHours,
    clientName: input.clientName,
    clientAddress: input.clientAddress,
    privateNote: input.privateNote,
    street: input.street,
    wayIn: input.wayIn,
    whomToCall: input.whomToCall,
    schools,
    crews: crewChoices(context.db, input.crews),
    ownRelations: relationsFrom(input.relations, schools),
  })
}

/** Puts a site away, or brings it back: what was recorded stays, and nothing of it is planned, listed or told meanwhile. */
export function moveSiteAway(context: Context, siteId: string, body: unknown): void {
  context.requireOwner()
  const { name } = context.site(siteId)
  const input = away.validateSync(body)
  putSiteAway(context.db, siteId, input.away)
  logAtDoor(context.db, input.away ? 'site put away' : 'site brought back', context.person.name, name, context.now())
}
