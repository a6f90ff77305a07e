import { v7 as uuid } from 'uuid'
import { object, string } from 'yup'
import { dayOf, dateOnly } from '../../core/calendar/day'
import { otherChanges, otherDays, othersOf } from '../../core/share/others'
import { isPaperReader, openQuestions, readerOf } from '../../core/share/paper'
import type { PrintedPaper } from '../../core/share/printedPaper'
import { emptyPlan } from '../../core/schedule/plan'
import { marksOf } from '../../core/walk/photoMarks'
import type { NewFact } from '../../core/walk/observation'
import type { RegisterEntry, SiteState } from '../../core/walk/siteState'
import { readFirm } from '../../data/firm'
import type { Link } from '../../data/links'
import { readToldOthers, saveToldOther } from '../../data/others'
import { readPlan } from '../../data/plans'
import { insertReceipt, readReceiptsOfLink, type Receipt } from '../../data/receipts'
import { readSite, type Site } from '../../data/sites'
import type { Context } from '../context'
import type { FirmFolder } from '../firmFolder'
import { outsidePhotoResponse } from '../photos/photos'
import { Refusal } from '../refusal'
import { finishedKeys, recordOf } from '../siteStates'
import { trimmed } from '../../schemas/trimmed'
import { paperOf } from '../views/paper'
import { createLink, linkAddress, linkMark, openLink } from './links'
import { startSending, writeMessage } from './messages'
import { receiptHead, receiptView, recordAs, requireRoom, wrongWith } from './receipts'

const givenSchema = object({ siteId: string().required(), partyId: string().required() })

/** Gives somebody of a site a link to their paper, by mail where they have an address.
 * @returns the address of the page, to be passed on otherwise */
export function givePaper(context: Context, body: unknown): { url: string } {
  context.requireLead()
  const { siteId, partyId } = givenSchema.validateSync(body)
  const site = context.site(siteId)
  const party = partyOf(context.record(site), partyId)
  const reader = party && readerOf(party)
  if (!party || !reader)
    throw new Refusal(404, 'There is no paper for them. Choose their part under Registers, Parties.')
  const { title } = paperOf(context, site, reader)
  const plan = readPlan(context.db)?.plan
  const facts = plan && othersOf(site.id, recordOf('other', context.db, site), plan.visits, context.today)
  const theirs = facts?.find(({ id }) => id === party.id)?.facts
  // Who has the paper has heard of the days in it.
  if (theirs) saveToldOther(context.db, party.id, site.id, theirs, context.now())
  const link = createLink(context, site.id, 'other', party.id)
  const address = String(party.values.contact ?? '')
  if (address.includes('@')) {
    writeMessage(context.firm, {
      siteId: site.id,
      recipient: String(party.values.name),
      address,
      subject: title,
      body: `${title}\n\n${OPENS}\n${linkMark(link)}\n\n${readFirm(context.db)?.name ?? ''}\n`,
    })
    startSending(context.firm)
  }
  return { url: linkAddress(context.firm, link) }
}

/** What a message says of the link in it. */
export const OPENS = 'All of it, and a place to answer or to ask:'

const partyOf = ({ entries }: SiteState, id: string): RegisterEntry | undefined =>
  entries.find((entry) => entry.id === id && entry.kind === 'party' && entry.settled === null)

function otherLink(
  firm: FirmFolder,
  token: string,
): { link: Link; site: Site; state: SiteState; party: RegisterEntry } {
  const link = openLink(firm, token, 'other')
  const site = readSite(firm.db, link.siteId!)!
  const state = recordOf('other', firm.db, site)
  const party = partyOf(state, link.subject)
  if (!party) throw new Refusal(410, 'You are no longer on the list of this site. You need do nothing.')
  return { link, site, state, party }
}

/** What somebody on the job who is neither trade nor client finds behind their link: the days that they were told, the
 * paper that is made for their part, and what is asked of them. */
export const otherPage = (firm: FirmFolder, token: string) => pageFor(firm, token, otherLink(firm, token))

function pageFor(firm: FirmFolder, token: string, { link, site, state, party }: ReturnType<typeof otherLink>) {
  const today = firm.clock.today()
  const plan = readPlan(firm.db)?.plan ?? emptyPlan(today)
  const told = readToldOthers(firm.db).get(party.id)
  const now = othersOf(site.id, state, plan.visits, today).find(({ id }) => id === party.id)
  const reader = readerOf(party)
  // Who follows the work learns of no place and no day.
  const looksOnly = reader === 'followers'
  const asks = reader && isPaperReader(reader) ? openQuestions(reader, state, plan) : []
  return {
    token,
    name: String(party.values.name),
    firm: readFirm(firm.db)?.name ?? '',
    looksOnly,
    site: looksOnly ? '' : site.name,
    // The letter has the days of those next door; what they were asked for beside that is not in it.
    days: told && !looksOnly ? otherDays(reader === 'neighbours' ? { ...told, days: [] } : told) : [],
    changing:
      told && now ? otherChanges(told, now.facts, plan.visits, finishedKeys(firm.db, [site])).length > 0 : false,
    asks,
    paper: reader
      ? withoutAsks(
          paperOf({ db: firm.db, today }, site, reader, String(party.values.unit ?? '')),
          asks.map(({ asks: one }) => one),
        )
      : null,
    receipts: readReceiptsOfLink(firm.db, link.id).map((receipt) => receiptView('other', firm, site, receipt)),
  }
}

/** What can be answered stands once, with its answer. */
const withoutAsks = (paper: PrintedPaper, asks: readonly string[]): PrintedPaper => ({
  ...paper,
  parts: paper.parts.map((part) => ({
    ...part,
    sentences: part.sentences.filter((sentence) => !asks.includes(sentence)),
  })),
})

/** A photo of the paper, for whoever holds its link. */
export function paperPhoto(firm: FirmFolder, token: string, hash: string): Promise<Response> {
  const opened = otherLink(firm, token)
  const { paper } = pageFor(firm, token, opened)
  if (!paper?.parts.some(({ pictures = [] }) => pictures.some((one) => one.hash === hash)))
    throw new Refusal(404, 'This photo is not part of the paper.')
  return outsidePhotoResponse(firm, hash, marksOf(opened.state.photos, hash))
}

const saidSchema = object({
  kind: string().oneOf(['heard', 'answer', 'question'], 'Tap the answer that you mean.').required(),
  id: string().default(''),
  text: trimmed().max(600, 'Use at most 600 characters.').default(''),
  name: trimmed().max(80, 'Your name: use at most 80 characters.').required('Your name: type it, so that we know.'),
})

/** Takes what one of them said by the form of their page: that they have it, an answer, a question.
 * @param typed the fields by name: `say` of the button, `name`, `question`, and `text` with the id of what is asked
 * @returns what is wrong with it, in a sentence; null where it was taken */
export function sayByOther(
  firm: FirmFolder,
  token: string,
  typed: Readonly<Record<string, string>>,
): Promise<string | null> {
  return wrongWith(() => {
    const [kind, id = ''] = (typed.say ?? '').split(' ')
    const text = kind === 'answer' ? typed[`text ${id}`] : kind === 'question' ? typed.question : ''
    const input = saidSchema.validateSync({ kind, id, text: text ?? '', name: typed.name ?? '' })
    const opened = otherLink(firm, token)
    const { link, site, state } = opened
    requireRoom(firm, link)
    const said = whatWasSaid(input, state, pageFor(firm, token, opened).asks, dateOnly(dayOf(firm.clock.now())))
    firm.db.transaction(() => {
      recordAs(firm, site, input.name, said.facts)
      insertReceipt(firm.db, { ...receiptHead(link, input.name, firm.clock.now()), ...said.receipt })
    })()
  })
}

interface Said {
  readonly kind: string
  readonly id: string
  readonly text: string
  readonly name: string
}

function whatWasSaid(
  { kind, id, text, name }: Said,
  { decisions }: SiteState,
  asks: readonly { readonly id: string }[],
  on: string,
): { facts: NewFact[]; receipt: Pick<Receipt, 'kind' | 'subject' | 'words'> } {
  if (kind === 'heard') return { facts: [], receipt: { kind: 'heard', subject: '', words: `${name} has it, ${on}.` } }
  if (text === '') throw new Refusal(422, kind === 'answer' ? 'Answer: type it.' : 'Question: type it.', 'text')
  if (kind === 'question') {
    const asked = uuid()
    return {
      facts: [
        {
          subject: 'entry',
          subjectId: asked,
          facet: 'written',
          placeId: null,
          value: { kind: 'trade-question', values: { asked: text, by: name } },
        },
      ],
      receipt: { kind: 'question', subject: asked, words: text },
    }
  }
  const decision = decisions.find((one) => one.id === id)
  if (!decision || !asks.some((one) => one.id === id))
    throw new Refusal(409, 'This was answered already, or is not asked any more. Reload the page.')
  return {
    facts: [{ subject: 'decision', subjectId: id, facet: 'answered', placeId: decision.placeId, value: text }],
    receipt: {
      kind: 'decision',
      subject: id,
      words: `${decision.question} ${text.replace(/[.!?]+$/, '')}. ${name}, ${on}.`,
    },
  }
}
