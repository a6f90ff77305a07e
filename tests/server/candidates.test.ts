import { expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { readLink } from '../../src/data/links'
import type { FirmFolder } from '../../src/server/firmFolder'
import { answerAsk } from '../../src/server/share/clientAnswers'
import { clientPage, draftUpdate, publishUpdate } from '../../src/server/share/clientUpdates'
import { createLink, tokenOf } from '../../src/server/share/links'
import { recordOf } from '../../src/server/siteStates'
import { selectionsView } from '../../src/server/views/selections'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('bakehouse')
const undecided = () =>
  stateAt(firm, SITE).selections.find(({ what, state }) => what === 'Floor' && state === 'undecided')!
const put = (facet: string, value: unknown) => {
  const { id, placeId } = undecided()
  recordFacts(as(firm, 'owner'), SITE, { facts: [{ subject: 'selection', subjectId: id, facet, placeId, value }] })
  return id
}
const BOTH = [
  { name: 'Slate', leadDays: [28, 42, 56], price: 180_000 },
  { name: 'Cork', leadDays: [5, 7, 9] },
]
const row = (id: string) => selectionsView(as(firm, 'owner'), SITE).rows.find((one) => one.id === id)!

test('two candidates stand side by side at the desk and for the client, whose choice closes the other', async () => {
  const id = put('candidates', BOTH)
  expect(row(id).candidateDays.map((sentence) => sentence.split(':')[0])).toEqual(['Slate', 'Cork'])
  expect(row(id).leadDays).toEqual([28, 42, 56])
  const owner = as(firm, 'owner')
  const { draft } = draftUpdate(owner, owner.site(SITE))
  const { finish: _finish, ...text } = draft
  await publishUpdate(owner, SITE, { ...text, photos: [] })
  const token = tokenOf(firm, readLink(firm.db, createLink(owner, SITE, 'client', ''))!)
  const ask = clientPage(firm, token).asks.find(({ ids }) => ids.includes(id))!
  expect(ask.options).toEqual(['Slate', 'Cork'])
  expect(ask.about.join(' ')).toContain('Slate: 28 to 56 days, €1,800.00')
  answerAsk(firm, token, { kind: 'selection', id: ask.id, reply: 'choose', text: 'Cork', name: 'Rosalind' })
  expect(row(id)).toMatchObject({ state: 'approved', choice: 'Cork', leadDays: [5, 7, 9], candidateDays: [] })
})

test('nobody but client and office reads what a candidate costs, and crew may not write it', () => {
  const id = put('candidates', BOTH)
  for (const reader of ['crew', 'trade', 'other'] as const) {
    const { candidates } = recordOf(reader, firm.db, as(firm, 'lead').site(SITE)).selections.find(
      (one) => one.id === id,
    )!
    expect(candidates.map(({ price }) => price)).toEqual([undefined, undefined])
  }
  const { placeId } = undecided()
  const fact = { subject: 'selection', subjectId: id, facet: 'candidates', placeId, value: BOTH }
  expect(() => recordFacts(as(firm, 'crew'), SITE, { facts: [fact] })).toThrow('Prices are for the lead and the owner.')
})

test('what its maker waits for is said beside it, with the day by which it is needed', () => {
  const decision = uuid()
  const asked = { question: 'The drawing, with sizes?', owner: 'designer', by: '2026-03-20' }
  recordFacts(as(firm, 'owner'), SITE, {
    facts: [
      {
        subject: 'decision',
        subjectId: decision,
        facet: 'asked',
        placeId: placeIdOf('bakehouse', 'kitchen'),
        value: asked,
      },
    ],
  })
  const id = put('awaits', decision)
  expect(row(id).checks.join(' ')).toContain('Its maker waits for the designer’s answer: The drawing, with sizes?')
  expect(row(id).checks.join(' ')).toMatch(/Promised for 20 Mar\. It is needed by \d+ \w+\./)
  expect(row(id).couldAwait.map(({ question }) => question)).toContain('The drawing, with sizes?')
})
