import { unzipSync, strFromU8 } from 'fflate'
import { beforeAll, afterAll, describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { PAPER_READERS, readerOf } from '../../src/core/share/paper'
import { MAY_READ, READERS, SECRETS, type Reader, type Secret } from '../../src/core/share/recordFor'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { readLink } from '../../src/data/links'
import { readBookings, readPlan } from '../../src/data/plans'
import { readSite } from '../../src/data/sites'
import type { FirmFolder } from '../../src/server/firmFolder'
import { ordersFile } from '../../src/server/selections/ordersFile'
import { calendarFeed } from '../../src/server/share/calendarFeed'
import { clientPage, draftUpdate, publishUpdate } from '../../src/server/share/clientUpdates'
import { handOverFile } from '../../src/server/share/handOverFile'
import { createLink, tokenOf } from '../../src/server/share/links'
import { tellTrades, tradePage } from '../../src/server/share/notices'
import { otherPage } from '../../src/server/share/otherPage'
import { siteState } from '../../src/server/siteStates'
import { completionView, handOverView } from '../../src/server/views/completion'
import { find } from '../../src/server/views/find'
import { paperOf } from '../../src/server/views/paper'
import { recordView } from '../../src/server/views/record'
import { roomSheetView } from '../../src/server/views/roomSheet'
import { scopeView } from '../../src/server/views/scope'
import { selectionsView } from '../../src/server/views/selections'
import { siteShareView } from '../../src/server/views/share'
import { todayView } from '../../src/server/views/today'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { as, closed, openedDemo } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

/** A word or a figure that stands for each secret, and that nothing else in the demo has. Figures are looked for with and
 * without the letters that part thousands. */
const CANARIES: Readonly<Record<Secret, RegExp>> = {
  'told in confidence': /zzconfid/i,
  money: /918[,. ]?273|9[,. ]?182[,. ]73/,
  'price of an extra': /8[,. ]?172[,. ]63|817[,. ]?263/,
  'an extra that is not agreed': /zzunagreed/i,
  'what others answered': /zzothers/i,
  'how to reach others': /zzreach/i,
}

const SITE = siteIdOf('bakehouse')
const PLACE = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
/** What each reader is given, by the name of the page, paper, file or mail that it stands in. */
const given = new Map<Reader, Map<string, string>>()

const fact = (
  subject: string,
  facet: string,
  value: unknown,
  subjectId: string = uuid(),
  placeId: string | null = PLACE,
) => ({
  subject,
  subjectId,
  facet,
  placeId,
  value,
})
const entry = (kind: string, values: object) => fact('entry', 'written', { kind, values })

/** Every secret by every door that words or figures come in at. */
function putIn(): void {
  const state = siteState(firm.db, readSite(firm.db, SITE)!)
  const at = state.lines.filter(({ placeId, progress }) => placeId === PLACE && progress < 100)
  const { placeId, stage, trade, rate } = at[0]!
  const laid = (title: string) => ({
    ...{ placeId, stage, trade, rate, title, action: 'install', element: 'outlet', basis: 'once', quantity: null },
    ...{ how: 'one', rough: false, hours: 2, cautions: [], extra: true },
  })
  const [waiting, agreed, ask, choice] = [uuid(), uuid(), uuid(), uuid()]
  recordFacts(as(firm, 'owner'), SITE, {
    facts: [
      // In confidence, said at the start, in the middle and at the end, or ticked.
      fact('note', 'noted', { text: 'zzconfid the neighbour is slow to pay', private: true }),
      fact('note', 'noted', { text: 'Between us: zzconfid the joints were packed with cement', private: false }),
      fact('finding', 'found', { text: 'Private: zzconfid the last mason packed the joints', certain: true }),
      fact('finding', 'found', { text: 'Soft sill, keep that to ourselves: zzconfid', certain: true }),
      fact('keep', 'kept', { text: 'The stack, off the record zzconfid, stays' }),
      fact('decision', 'asked', { question: 'Do we tell them? Private: zzconfid', owner: 'us' }),
      fact('line', 'held', { reason: 'between us, zzconfid is drunk' }, at[0]!.id),
      fact('line', 'excluded', { reason: 'not for them: zzconfid quoted less' }, at[1]!.id),
      fact('selection', 'laid', {
        placeId: PLACE,
        what: 'Private: a shelf for zzconfid',
        lead: 'stock-goods',
        neededFor: 'paint',
      }),
      entry('sleeping-risk', { what: 'Joists', assumed: 'sound, off the record zzconfid', test: 'lift it' }),
      entry('promise', { what: 'Private: zzconfid gets the old tub' }),
      // Money.
      fact('line', 'price', 918_273, at[2]!.id),
      fact('decision', 'asked', { question: 'Which rail?', owner: 'client', price: 918_273 }),
      entry('sleeping-risk', { what: 'Sills', assumed: 'sound', test: 'open one', price: 918_273 }),
      // Extras.
      fact('line', 'laid', laid('zzunagreed socket'), waiting),
      fact('line', 'price', 118_000, waiting),
      fact('line', 'laid', laid('A rail'), agreed),
      fact('line', 'price', 817_263, agreed),
      fact('line', 'approval', { answer: 'approved', by: 'Rosalind', how: 'in writing', on: '2026-03-09' }, agreed),
      // What others asked and answered.
      entry('trade-question', { asked: 'zzothers, may I start at six?', by: 'Joss Tenonby' }),
      fact('decision', 'asked', { question: 'May the notch stay?', owner: 'engineer' }, ask),
      fact('decision', 'answered', 'zzothers: not without a plate', ask),
      // How to reach others.
      fact(
        'entry',
        'written',
        { kind: 'party', values: { name: 'The engineer', part: 'engineer', contact: 'zzreach@example.com' } },
        uuid(),
        null,
      ),
      fact('selection', 'laid', { placeId: PLACE, what: 'Hook', lead: 'stock-goods', neededFor: 'paint' }, choice),
    ],
  })
}

const zipText = async (answer: Response): Promise<string> =>
  Object.entries(unzipSync(new Uint8Array(await answer.arrayBuffer())))
    .filter(([name]) => /\.(html|json|csv|txt)$/.test(name))
    .map(([, bytes]) => strFromU8(bytes))
    .join('\n')

async function readAll(): Promise<void> {
  const [owner, lead, crew] = (['owner', 'lead', 'crew'] as const).map((role) => as(firm, role)) as [
    ReturnType<typeof as>,
    ReturnType<typeof as>,
    ReturnType<typeof as>,
  ]
  const site = lead.site(SITE)
  const written = new Set(messagesOf(firm).map(({ id }) => id))
  const put = (reader: Reader, what: string, shown: unknown): void => {
    const all = given.get(reader) ?? new Map<string, string>()
    given.set(reader, all)
    all.set(what, typeof shown === 'string' ? shown : JSON.stringify(shown))
  }
  const token = (audience: 'client' | 'trade' | 'other' | 'calendar', subject: string): string =>
    tokenOf(firm, readLink(firm.db, createLink(lead, SITE, audience, subject))!)

  for (const [what, shown] of [
    ['scope', scopeView(owner, SITE)],
    ['registers', recordView(owner, SITE)],
    ['selections', selectionsView(owner, SITE)],
    ['share', siteShareView(owner, SITE)],
    ['today', todayView(owner)],
    ['completion', completionView(lead, SITE)],
  ] as const)
    put('office', what, shown)

  for (const [what, shown] of [
    ['today', todayView(crew)],
    ['scope', scopeView(crew, SITE)],
    ['registers', recordView(crew, SITE)],
    ['walk', walkSnapshot(crew, SITE)],
    ['room sheet', await roomSheetView(crew, SITE, PLACE)],
    ...['zzconfid', 'zzunagreed', 'zzreach'].map((word) => [`finding ${word}`, find(crew, word)] as const),
  ] as const)
    put('crew', what, shown)

  const { draft } = draftUpdate(lead, site)
  const { finish: _finish, ...text } = draft
  await publishUpdate(lead, SITE, { ...text, photos: [] })
  put('client', 'page', clientPage(firm, token('client', '')))
  put('client', 'hand-over', handOverView(lead, SITE))
  put('client', 'hand-over file', await zipText(await handOverFile(lead, SITE)))

  const visits = readPlan(firm.db)!.plan.visits.filter(({ siteId }) => siteId === SITE)
  tellTrades(lead, { visitKeys: visits.map(({ key }) => key) })
  for (const visit of readBookings(firm.db).filter(({ siteId }) => siteId === SITE))
    put('trade', `notice of ${visit.visitKey}`, tradePage(firm, token('trade', visit.visitKey)))
  put('trade', 'orders', await (await ordersFile(lead, SITE)).text())
  put('other', 'calendar', calendarFeed(firm, token('calendar', '')))
  for (const reader of [...Object.keys(PAPER_READERS), 'neighbours'])
    put('other', `paper for ${reader}`, paperOf(lead, site, reader))
  const parties = siteState(firm.db, site).entries.filter((one) => one.kind === 'party' && readerOf(one) !== null)
  expect(parties.length).toBeGreaterThan(0)
  for (const { id, values } of parties)
    put('other', `page of ${String(values['name'])}`, otherPage(firm, token('other', id)))
  for (const { id, body, subject } of messagesOf(firm).filter((one) => !written.has(one.id)))
    put(body.includes('/for/client/') ? 'client' : 'trade', `mail ${id}`, { subject, body })
}

beforeAll(async () => {
  firm = await openedDemo()
  putIn()
  await readAll()
})
afterAll(async () => {
  closed(firm)
})

describe('the table of who may read what', () => {
  test('every secret is there to be seen: the office reads each', () => {
    const all = [...given.get('office')!.values()].join('\n')
    for (const secret of SECRETS) expect(all, secret).toMatch(CANARIES[secret])
  })
  test('every other reader is given something', () => {
    for (const reader of READERS) expect(given.get(reader)!.size, reader).toBeGreaterThan(2)
  })
  test.each(
    READERS.flatMap((reader) =>
      SECRETS.filter((secret) => !MAY_READ[reader].includes(secret)).map((secret) => [reader, secret] as const),
    ),
  )('%s is never shown %s', (reader, secret) => {
    const shownIn = [...given.get(reader)!].filter(([, text]) => CANARIES[secret].test(text)).map(([what]) => what)
    expect(shownIn).toEqual([])
  })
  test('and nobody outside reads of another site', () => {
    for (const reader of ['client', 'other'] as const)
      for (const [what, text] of given.get(reader)!) expect(text, what).not.toMatch(/Pell Street|Tollgate|Heron Court/)
  })
})
