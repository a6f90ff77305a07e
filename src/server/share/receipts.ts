import { v7 as uuid } from 'uuid'
import { ValidationError } from 'yup'
import { dayOf } from '../../core/calendar/day'
import { inConfidence } from '../../core/confidence/inConfidence'
import type { Reader } from '../../core/share/recordFor'
import type { NewFact } from '../../core/walk/observation'
import { countReceipts, type Receipt } from '../../data/receipts'
import type { Link } from '../../data/links'
import { insertObservations } from '../../data/observations'
import type { Site } from '../../data/sites'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { siteState } from '../siteStates'
import { factOf } from '../walk/factOf'

/** Answers that one link takes; nobody has more to say, and a stranger cannot fill the folder. */
const MOST_ANSWERS = 60

/** @throws Refusal 429 where a link has said all that it may */
export function requireRoom(firm: FirmFolder, link: Link): void {
  if (countReceipts(firm.db, link.id) >= MOST_ANSWERS)
    throw new Refusal(429, 'This link has taken all the answers that it can. Please call us.')
}

export const receiptHead = (link: Link, name: string, at: string): Omit<Receipt, 'kind' | 'subject' | 'words'> => ({
  id: uuid(),
  siteId: link.siteId!,
  linkId: link.id,
  name,
  at,
})

/** What is wrong with what somebody said by the form of a link, in a sentence; null where it was taken.
 * @throws Refusal where the link itself leads nowhere */
export async function wrongWith(say: () => unknown): Promise<string | null> {
  try {
    await say()
    return null
  } catch (error) {
    if (error instanceof ValidationError) return error.errors[0] ?? error.message
    if (error instanceof Refusal && error.status !== 410 && error.status !== 404) return error.message
    throw error
  }
}

/** Records facts under the name of somebody who is not signed in. */
export function recordAs(firm: FirmFolder, site: Pick<Site, 'id'>, name: string, facts: readonly NewFact[]): void {
  const who = { person: { name }, now: firm.clock.now, order: firm.clock.order } as Parameters<typeof factOf>[0]
  insertObservations(
    firm.db,
    facts.map((fact) => factOf(who, site.id, fact)),
    firm.clock.now(),
  )
}

/** A receipt as both sides read it; a question with its answer.
 * @param reader who reads it: what was answered in confidence is not for whoever asked */
export function receiptView(
  reader: Reader,
  firm: Pick<FirmFolder, 'db'>,
  site: Site,
  { id, kind, subject, words, name, at }: Receipt,
) {
  const asked = kind === 'question'
  const answer = asked ? siteState(firm.db, site).entries.find((entry) => entry.id === subject)?.settled?.result : null
  const told = reader !== 'office' && answer && inConfidence(answer) ? null : answer
  return {
    id,
    words: asked ? `${name} asked: ${words}` : words,
    answer: asked ? (told ?? 'Not answered yet.') : null,
    /** It waits for an answer. */
    open: asked && !told,
    on: dayOf(at),
  }
}
