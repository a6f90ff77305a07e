import { v7 as uuid } from 'uuid'
import { object, string } from 'yup'
import type { NewFact } from '../../core/walk/observation'
import { insertReceipt, type Receipt } from '../../data/receipts'
import { readCrews } from '../../data/crews'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'
import { storePhoto } from '../photos/photos'
import { startPhotoJobs } from '../photos/photoSizes'
import { trimmed } from '../../schemas/trimmed'
import { openLink } from './links'
import { bookedVisit } from './notices'
import { receiptHead, recordAs, requireRoom } from './receipts'

const schema = object({
  kind: string()
    .oneOf(['late', 'done', 'question'], 'Say: running late, done, or a question.')
    .required('Say: running late, done, or a question.'),
  text: trimmed().max(400, 'Use at most 400 characters.').default(''),
})

/** What a trade says by its link beside confirm and decline: that it runs late, that it is done, or a question. It stands
 * at the place, with a receipt for both; that work is done is said, and seen on the next walk. */
export function sayByTrade(firm: FirmFolder, token: string, body: unknown): { receipt: string } {
  const input = schema.validateSync(body)
  const kind = input.kind as 'late' | 'done' | 'question'
  if (kind === 'late' && input.text === '')
    throw new Refusal(422, 'Running late: say how long, like two hours.', 'text')
  if (kind === 'question' && input.text === '') throw new Refusal(422, 'Question: type it.', 'text')
  const { link, site, name, placeId } = tradeLink(firm, token)
  requireRoom(firm, link)
  const id = uuid()
  const words = {
    late: `${name}: running late, ${input.text}.`,
    done: doneWords(name, input.text),
    question: input.text,
  }
  firm.db.transaction(() => {
    recordAs(firm, site, name, [
      kind === 'question'
        ? entryFact(id, placeId, { asked: input.text, by: name })
        : { subject: 'note', subjectId: id, facet: 'noted', placeId, value: { text: words[kind], private: false } },
    ])
    insertReceipt(firm.db, {
      ...receiptHead(link, name, firm.clock.now()),
      kind: kind satisfies Receipt['kind'],
      subject: kind === 'question' ? id : link.subject,
      words: words[kind],
    })
  })()
  return { receipt: kind === 'question' ? 'We have it, and you will find the answer here.' : 'We have it. Thank you.' }
}

const doneWords = (name: string, text: string): string =>
  `${name}: done${text ? `, ${text}` : ''}. To be seen on the next walk.`

const entryFact = (id: string, placeId: string | null, values: { asked: string; by: string }): NewFact => ({
  subject: 'entry',
  subjectId: id,
  facet: 'written',
  placeId,
  value: { kind: 'trade-question', values },
})

/** A photo of what was done, kept at the place of the visit. */
export async function photoByTrade(firm: FirmFolder, token: string, bytes: Buffer): Promise<{ receipt: string }> {
  const { link, site, name, placeId } = tradeLink(firm, token)
  requireRoom(firm, link)
  const context = { firm, db: firm.db, now: firm.clock.now, site: () => site }
  const { hash } = await storePhoto(context, site.id, bytes)
  recordAs(firm, site, name, [
    { subject: 'photo', subjectId: uuid(), facet: 'taken', placeId, value: { hash, caption: `Done, by ${name}` } },
  ])
  startPhotoJobs(firm)
  return { receipt: 'The photo is with us.' }
}

function tradeLink(firm: FirmFolder, token: string) {
  const link = openLink(firm, token, 'trade')
  const { booking, visit, site } = bookedVisit(firm, link)
  const name = readCrews(firm.db).find(({ id }) => id === booking.crewId)?.name ?? 'The trade'
  return { link, site, name, placeId: visit?.placeIds[0] ?? null }
}
