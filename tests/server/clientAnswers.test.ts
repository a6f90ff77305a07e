import { beforeEach, describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { answerAsk, askQuestion } from '../../src/server/share/clientAnswers'
import { sayByForm } from '../../src/server/share/clientForm'
import { clientPage, draftUpdate, publishUpdate } from '../../src/server/share/clientUpdates'
import { planView } from '../../src/server/views/plan'
import { siteShareView } from '../../src/server/views/share'
import { todayView } from '../../src/server/views/today'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const SITE = siteIdOf('bakehouse')
let firm: FirmFolder
let token: string
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const lead = () => as(firm, 'lead')
const state = () => stateAt(firm, SITE)
const page = () => clientPage(firm, token)
const ask = (kind: string) =>
  page().asks.find((one) => one.kind === kind && (kind !== 'extra' || one.asks.startsWith(EXTRA)))!
const answer = (kind: string, part: object) =>
  answerAsk(firm, token, { kind, id: ask(kind).id, name: 'Rosalind Example', ...part })
const publish = async (part: object = {}): Promise<void> => {
  const { draft } = draftUpdate(lead(), lead().site(SITE))
  const { finish: _finish, ...text } = draft
  token = (await publishUpdate(lead(), SITE, { ...text, photos: [], ...part })).url.split('/').at(-1)!
}
/** An extra with its price, that nobody answered yet. */
const EXTRA = 'A socket at the window seat'
function extra(): void {
  const [line] = state().lines
  const { placeId, stage, trade, rate } = line!
  const laid = { placeId, stage, trade, rate, action: 'install', element: 'outlet', title: EXTRA, basis: 'once' }
  const id = uuid()
  recordFacts(lead(), SITE, {
    facts: [
      {
        subject: 'line',
        subjectId: id,
        facet: 'laid',
        placeId,
        value: { ...laid, quantity: null, how: 'one', rough: false, hours: 2, cautions: [], extra: true },
      },
      { subject: 'line', subjectId: id, facet: 'price', placeId, value: 11_800 },
    ],
  })
}
beforeEach(() => publish())

describe('an extra on the link', () => {
  beforeEach(() => {
    extra()
    return publish()
  })
  test('is asked with its price and what it does to the end; approved, it is approved by that name, with a receipt for both', () => {
    expect(ask('extra').about.join(' ')).toMatch(
      /^It costs €118\.00, without tax\. (The finish stays|It costs \d+ working day)/,
    )
    const { receipt } = answer('extra', { reply: 'approve' })
    expect(receipt).toMatch(/^A socket at the window seat, .*: approved\. Rosalind Example, 10 Mar\.$/)
    const line = state().lines.find(({ title }) => title === EXTRA)!
    expect(line.approval).toEqual({ answer: 'approved', by: 'Rosalind Example', on: '2026-03-10' })
    expect(page().receipts.map(({ words }) => words)).toContain(receipt)
    expect(
      siteShareView(lead(), SITE)
        .readers.flatMap(({ receipts }) => receipts)
        .map(({ words }) => words),
    ).toContain(receipt)
    expect(page().asks.some(({ asks }) => asks.startsWith(EXTRA))).toBe(false)
  })
  test('declined, it leaves the scope, and the plan says that something was learned', () => {
    answer('extra', { reply: 'decline', text: 'too dear' })
    expect(state().lines.find(({ title }) => title === EXTRA)!.excluded).not.toBeNull()
    expect(planView(lead(), SITE).stale).toEqual(['Bakehouse Lane'])
  })
  test('is answered once', () => {
    const { id } = ask('extra')
    answer('extra', { reply: 'approve' })
    expect(() => answerAsk(firm, token, { kind: 'extra', id, reply: 'decline', name: 'Somebody' })).toThrow(
      'This was answered already',
    )
  })
})

describe('a question that the client decides', () => {
  test('is decided in their words and no longer asked', () => {
    const { id, asks } = ask('decision')
    expect(page().decide.some((sentence) => sentence.startsWith(asks))).toBe(false)
    answer('decision', { reply: 'choose', text: 'The rounded one' })
    expect(state().decisions.find((one) => one.id === id)!.answer).toBe('The rounded one')
    expect(page().asks.some((one) => one.id === id)).toBe(false)
    expect(page().decide.some((sentence) => sentence.startsWith(asks))).toBe(false)
  })
  test('cannot be approved, for nothing was proposed', () => {
    expect(() => answer('decision', { reply: 'approve' })).toThrow('Answer: say what you choose.')
    expect(() => answer('decision', { reply: 'choose', text: ' ' })).toThrow('Answer: say what you choose.')
  })
})

describe('a selection', () => {
  test('that they choose is approved and stands to be ordered', () => {
    const { id } = ask('selection')
    answer('selection', { reply: 'choose', text: 'Matt white, 200 by 100' })
    expect(state().selections.find((one) => one.id === id)).toMatchObject({
      state: 'approved',
      choice: 'Matt white, 200 by 100',
    })
  })
  test('that was proposed can be declined, with the reason as a question to us', async () => {
    const { id, placeId } = state().selections.find((one) => one.id === ask('selection').id)!
    recordFacts(lead(), SITE, {
      facts: [
        { subject: 'selection', subjectId: id, facet: 'choice', placeId, value: 'Grey slate' },
        { subject: 'selection', subjectId: id, facet: 'state', placeId, value: 'chosen' },
      ],
    })
    await publish()
    expect(page().asks.find((one) => one.id === id)!.proposal).toBe('Grey slate')
    answerAsk(firm, token, { kind: 'selection', id, reply: 'decline', text: 'too dark', name: 'Rosalind Example' })
    expect(state().selections.find((one) => one.id === id)!.state).toBe('undecided')
    const asked = state().entries.filter(({ kind }) => kind === 'client-question')
    expect(asked.map(({ values }) => values.asked)).toEqual(['Not this one: too dark'])
  })
})

describe('a question to us', () => {
  test('stands in the register, and its answer on the client’s page', () => {
    askQuestion(firm, token, { text: 'Can the cat stay in?', name: 'Rosalind Example' })
    const [entry] = state().entries.filter(({ kind }) => kind === 'client-question')
    expect(entry!.values).toEqual({ asked: 'Can the cat stay in?', by: 'Rosalind Example' })
    const needed = () => JSON.stringify(todayView(lead()))
    expect(needed()).toContain('Rosalind Example asks: Can the cat stay in?')
    expect(page().receipts[0]).toMatchObject({
      words: 'Rosalind Example asked: Can the cat stay in?',
      answer: 'Not answered yet.',
    })
    recordFacts(lead(), SITE, {
      facts: [
        {
          subject: 'entry',
          subjectId: entry!.id,
          facet: 'settled',
          placeId: null,
          value: { result: 'Yes, upstairs.' },
        },
      ],
    })
    expect(page().receipts[0]!.answer).toBe('Yes, upstairs.')
    expect(needed()).not.toContain('Can the cat stay in?')
  })
})

describe('what a stranger could do with the link', () => {
  test('nothing without a name, nothing that was not asked, nothing of another site, and not without end', () => {
    expect(() => answer('decision', { reply: 'choose', text: 'x', name: ' ' })).toThrow('Your name: type it')
    expect(() =>
      answerAsk(firm, token, { kind: 'decision', id: 'made-up', reply: 'choose', text: 'x', name: 'x' }),
    ).toThrow('is not asked any more')
    expect(() => askQuestion(firm, 'no-such-link', { text: 'x', name: 'x' })).toThrow('leads nowhere')
    for (let i = 0; i < 60; i++) askQuestion(firm, token, { text: `question ${i}`, name: 'x' })
    expect(() => askQuestion(firm, token, { text: 'one more', name: 'x' })).toThrow('Please call us')
  })
  test('what the lead left out is not asked', async () => {
    const kept = ask('decision').id
    await publish({ asks: [kept] })
    expect(page().asks.map(({ id }) => id)).toEqual([kept])
  })
  test('marks in what they type stay letters', () => {
    askQuestion(firm, token, { text: '<script>alert(1)</script>', name: '<b>x</b>' })
    expect(page().receipts[0]!.words).toBe('<b>x</b> asked: <script>alert(1)</script>')
  })
})

test('what comes next is explained in plain words, at most three of them', () => {
  expect(page().terms.length).toBeGreaterThan(0)
  expect(page().terms.length).toBeLessThanOrEqual(3)
})

describe('the form of the page', () => {
  const say = (typed: Readonly<Record<string, string>>) =>
    sayByForm(firm, token, { name: 'Rosalind Example', ...typed })
  test('the button names what is answered and how; what was typed goes with it', async () => {
    const { id } = ask('decision')
    expect(await say({ say: `decision ${id} choose`, [`text ${id}`]: 'none' })).toBeNull()
    expect(state().decisions.find((one) => one.id === id)!.answer).toBe('none')
  })
  test('a button of one of the ways stands for its words', async () => {
    const subjectId = uuid()
    const value = {
      question: 'Hooks or a rail?',
      owner: 'client',
      details: { optionA: 'hooks', optionB: 'a rail' },
    }
    recordFacts(lead(), SITE, { facts: [{ subject: 'decision', subjectId, facet: 'asked', placeId: null, value }] })
    await publish()
    expect(await say({ say: `decision ${subjectId} option 9` })).toBe('Answer: say what you choose.')
    expect(await say({ say: `decision ${subjectId} option 1` })).toBeNull()
    expect(state().decisions.find(({ id }) => id === subjectId)!.answer).toBe('a rail')
    expect(page().receipts[0]!.words).toContain('a rail')
  })
  test('Enter in a field answers nothing, and what is wrong is said in a sentence', async () => {
    expect(await say({ say: '' })).toBe('Tap the answer that you mean.')
    expect(await say({ say: 'question', question: '' })).toBe('Question: type it.')
    expect(await say({ say: 'question', question: 'Is the cat in?', name: '' })).toBe(
      'Your name: type it, so that we know.',
    )
    expect(await say({ say: `decision ${ask('decision').id} choose`, name: ' ' })).toBe(
      'Your name: type it, so that we know.',
    )
    expect(page().receipts).toEqual([])
  })
})
