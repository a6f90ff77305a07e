import { v7 as uuid } from 'uuid'
import { object, string } from 'yup'
import { dayOf } from '../../core/calendar/day'
import { receiptWords, type ClientAsk, type ClientReply } from '../../core/share/clientAsks'
import type { NewFact } from '../../core/walk/observation'
import { insertReceipt, readReceipts } from '../../data/receipts'
import type { Link } from '../../data/links'
import { readLatestUpdate } from '../../data/share'
import { readSite, type Site } from '../../data/sites'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { recordOf } from '../siteStates'
import { trimmed } from '../../schemas/trimmed'
import { openLink } from './links'
import { receiptHead, receiptView, recordAs, requireRoom } from './receipts'

const name = trimmed().max(80, 'Your name: use at most 80 characters.').required('Your name: type it, so that we know.')
const answerSchema = object({
  kind: string().oneOf(['decision', 'selection', 'extra'], 'Answer: not something that was asked.').required(),
  id: string().required('Answer: say what it is to.'),
  reply: string()
    .oneOf(['approve', 'decline', 'choose'], 'Answer: approve, decline or say what you want.')
    .required('Answer: approve, decline or say what you want.'),
  text: trimmed().max(400, 'Answer: use at most 400 characters.').default(''),
  name,
})
const questionSchema = object({
  text: trimmed().max(600, 'Question: use at most 600 characters.').required('Question: type it.'),
  name,
})

/** What of the published update still waits for an answer. */
export function openAsks(firm: FirmFolder, site: Site, published: readonly ClientAsk[]): ClientAsk[] {
  const { decisions, selections, lines } = recordOf('client', firm.db, site)
  const waits = (kind: ClientAsk['kind'], id: string): boolean => {
    if (kind === 'decision') return decisions.some((one) => one.id === id && one.answer === null)
    if (kind === 'selection')
      return selections.some((one) => one.id === id && (one.state === 'undecided' || one.state === 'chosen'))
    return lines.some((one) => one.id === id && one.approval === null && !one.excluded)
  }
  return published.flatMap((ask) => {
    const ids = ask.ids.filter((id) => waits(ask.kind, id))
    return ids.length === 0 ? [] : [{ ...ask, id: ids[0]!, ids }]
  })
}

/** A client's answer by link: it is recorded under the name that they typed, changes what it is about, and leaves a
 * receipt that both sides see. */
export function answerAsk(firm: FirmFolder, token: string, body: unknown): { receipt: string } {
  const input = answerSchema.validateSync(body)
  const { link, site } = clientLink(firm, token)
  const ask = openAsks(firm, site, readLatestUpdate(firm.db, site.id)?.asks ?? []).find(
    (one) => one.kind === input.kind && one.id === input.id,
  )
  if (!ask) throw new Refusal(409, 'This was answered already, or is not asked any more. Reload the page.')
  const reply = replyOf(ask, input)
  return keep(firm, link, site, ask, reply, input.name)
}

function replyOf(ask: ClientAsk, { reply, text }: { readonly reply: string; readonly text: string }): ClientReply {
  if (reply === 'choose') {
    if (ask.kind === 'extra') throw new Refusal(422, 'Answer: approve it or decline it.', 'reply')
    if (text === '') throw new Refusal(422, 'Answer: say what you choose.', 'text')
    return { reply, text }
  }
  if (ask.proposal === null) throw new Refusal(422, 'Answer: say what you choose.', 'text')
  return reply === 'approve' ? { reply } : { reply: 'decline', text }
}

function keep(
  firm: FirmFolder,
  link: Link,
  site: Site,
  ask: ClientAsk,
  reply: ClientReply,
  by: string,
): { receipt: string } {
  const at = firm.clock.now()
  const words = receiptWords(ask.asks, reply, by, dayOf(at))
  firm.db.transaction(() => {
    const facts = ask.ids.flatMap((id) => factsFor(firm, site, ask.kind, id, reply, by))
    if (ask.kind === 'selection' && reply.reply === 'decline' && reply.text)
      facts.push(questionFact(`Not this one: ${reply.text}`, by))
    recordAs(firm, site, by, facts)
    insertReceipt(firm.db, { ...receiptHead(link, by, at), kind: ask.kind, subject: ask.id, words })
  })()
  return { receipt: words }
}

function factsFor(
  firm: FirmFolder,
  site: Site,
  kind: ClientAsk['kind'],
  id: string,
  reply: ClientReply,
  by: string,
): NewFact[] {
  const { decisions, selections, lines } = recordOf('client', firm.db, site)
  const about = [...decisions, ...selections, ...lines].find((one) => one.id === id)
  const placeId = about?.placeId ?? null
  const said = reply.reply === 'choose' ? reply.text : ''
  switch (kind) {
    case 'decision':
      return [{ subject: 'decision', subjectId: id, facet: 'answered', placeId, value: said }]
    case 'selection':
      return reply.reply === 'decline'
        ? [{ subject: 'selection', subjectId: id, facet: 'state', placeId, value: 'undecided' }]
        : [
            ...(said
              ? [{ subject: 'selection' as const, subjectId: id, facet: 'choice' as const, placeId, value: said }]
              : []),
            { subject: 'selection', subjectId: id, facet: 'state', placeId, value: 'approved' },
          ]
    case 'extra':
      return [
        {
          subject: 'line',
          subjectId: id,
          facet: 'approval',
          placeId,
          value: {
            answer: reply.reply === 'approve' ? 'approved' : 'declined',
            by,
            on: dayOf(firm.clock.now()),
          },
        },
      ]
  }
}

const questionFact = (asked: string, by: string, id = uuid()): NewFact => ({
  subject: 'entry',
  subjectId: id,
  facet: 'written',
  placeId: null,
  value: { kind: 'client-question', values: { asked, by } },
})

/** A question of the client: it stands in the register until it is answered, and the answer stands on their page. */
export function askQuestion(firm: FirmFolder, token: string, body: unknown): { receipt: string } {
  const input = questionSchema.validateSync(body)
  const { link, site } = clientLink(firm, token)
  const at = firm.clock.now()
  const id = uuid()
  firm.db.transaction(() => {
    recordAs(firm, site, input.name, [questionFact(input.text, input.name, id)])
    insertReceipt(firm.db, {
      ...receiptHead(link, input.name, at),
      kind: 'question',
      subject: id,
      words: input.text,
    })
  })()
  return { receipt: 'We have it, and you will find the answer here.' }
}

function clientLink(firm: FirmFolder, token: string): { link: Link; site: Site } {
  const link = openLink(firm, token, 'client')
  requireRoom(firm, link)
  return { link, site: readSite(firm.db, link.siteId!)! }
}

/** What was said by links of a site, the latest first, with the answers to what was asked: all of it for us, to a client
 * what they said themselves. */
export const receiptsOf = (reader: 'office' | 'client', firm: Pick<FirmFolder, 'db'>, site: Site) =>
  readReceipts(firm.db, site.id, reader === 'client' ? 'client' : null).map((receipt) =>
    receiptView(reader, firm, site, receipt),
  )
