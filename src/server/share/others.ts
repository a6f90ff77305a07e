import { array, object, string } from 'yup'
import { otherChanges, otherDays, othersOf, type Other } from '../../core/share/others'
import type { ToTell } from '../../core/share/tellList'
import type { Plan } from '../../core/schedule/plan'
import { readFirm } from '../../data/firm'
import { readToldOthers, saveToldOther } from '../../data/others'
import { readPlan } from '../../data/plans'
import type { Context } from '../context'
import { finishedKeys, recordOf } from '../siteStates'
import { createLink, linkMark } from './links'
import { startSending, writeMessage } from './messages'
import { OPENS } from './otherPage'

/** One of those who are neither trade nor client, with what they have to hear now; `told` false where they never heard
 * a thing. */
interface OtherToTell {
  readonly other: Other
  readonly told: boolean
  readonly sentences: readonly string[]
}

/** Everybody of that kind who has something to hear. */
export function othersToTell(context: Context, plan: Plan): OtherToTell[] {
  const told = readToldOthers(context.db)
  return context.sites().flatMap((site) => {
    const reach = new Map(context.record(site).entries.map(({ id, values }) => [id, String(values.contact ?? '')]))
    const others = othersOf(site.id, recordOf('other', context.db, site), plan.visits, context.today).map((other) => ({
      ...other,
      contact: reach.get(other.id) ?? '',
    }))
    if (others.length === 0) return []
    const finished = finishedKeys(context.db, [site])
    return others.flatMap((other): OtherToTell[] => {
      const was = told.get(other.id)
      const sentences = was
        ? otherChanges(was, other.facts, plan.visits, finished)
        : other.facts.days.length > 0
          ? otherDays(other.facts)
          : []
      return sentences.length > 0 ? [{ other, told: was !== undefined, sentences }] : []
    })
  })
}

/** Those whose told facts changed, as the tell list has them. */
export const changedOthers = (all: readonly OtherToTell[]): ToTell[] =>
  all
    .filter(({ told }) => told)
    .map(({ other, sentences }) => ({
      audience: 'other',
      who: other.id,
      changes: sentences.map((text) => ({ siteId: other.siteId, visitKey: null, text, confirmed: false })),
    }))

const chosen = object({ ids: array(string().required()).min(1, 'Choose at least one.').max(200).required() })

const isAddress = (contact: string): boolean => contact.includes('@')

/** How somebody is told who cannot be written to; null where a message can be sent. */
export const telephoneOf = ({ contact }: Pick<Other, 'contact'>): string | null =>
  isAddress(contact) ? null : contact || 'no number on record'

/** Tells them: what was told is kept, and a message with their link goes to whoever has an address. */
export function tellOthers(context: Context, body: unknown): { told: number } {
  context.requireLead()
  const { ids } = chosen.validateSync(body)
  const plan = readPlan(context.db)?.plan
  const due = plan ? othersToTell(context, plan).filter(({ other }) => ids.includes(other.id)) : []
  const firm = readFirm(context.db)?.name ?? ''
  context.db.transaction(() => {
    for (const { other, told, sentences } of due) {
      const site = context.site(other.siteId)
      saveToldOther(context.db, other.id, site.id, other.facts, context.now())
      if (!isAddress(other.contact)) continue
      const link = createLink(context, site.id, 'other', other.id)
      writeMessage(context.firm, {
        siteId: site.id,
        recipient: other.name,
        address: other.contact,
        subject: `${site.name}: ${told ? 'a day has changed' : 'days to come'}`,
        body: `${sentences.join('\n')}\n\n${OPENS}\n${linkMark(link)}\n\n${firm}\n`,
      })
    }
  })()
  startSending(context.firm)
  return { told: due.length }
}
