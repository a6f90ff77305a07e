import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { NEXT_DOOR } from '../../src/core/entries/kinds/job'
import type { FirmFolder } from '../../src/server/firmFolder'
import { givePaper, otherPage, paperPhoto, sayByOther } from '../../src/server/share/otherPage'
import { tellOthers } from '../../src/server/share/others'
import { whoToTell } from '../../src/server/share/tell'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { siteIdOf } from '../../src/demo/ids'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const SITE = siteIdOf('heron')
const party = (name: string, values: Readonly<Record<string, string>>) => {
  const subjectId = `00000000-0000-7000-8000-${String(name.length).padStart(12, '0')}`
  recordFacts(as(firm, 'lead'), SITE, {
    facts: [
      {
        subject: 'entry',
        subjectId,
        facet: 'written',
        placeId: null,
        value: { kind: 'party', values: { name, ...values } },
      },
    ],
  })
  return subjectId
}
const waiting = (name: string) => whoToTell(as(firm, 'lead')).others.find(({ who }) => who === name)

test('a neighbour is written to once, with days and what is asked, and with no room, sum or other site', async () => {
  const id = party('At number four', {
    part: 'neighbour',
    hears: NEXT_DOOR,
    contact: 'four@example.com',
    brings: 'Please keep the lane free',
  })
  expect(waiting('At number four')!.telephone).toBeNull()
  expect(await tellOthers(as(firm, 'lead'), { ids: [id] })).toEqual({ told: 1 })
  const { address, body, subject } = messagesOf(firm, 1)[0]!
  expect(address).toBe('four@example.com')
  expect(subject).toBe('Heron Court: days to come')
  expect(body).toContain('Please keep the lane free')
  const rooms = stateAt(firm, SITE).places.filter(({ kind }) => kind === 'room')
  for (const { name } of rooms) expect(body).not.toContain(name)
  expect(body).not.toMatch(/Bakehouse|Orchard|[€£$]|private/)
  expect(waiting('At number four')).toBeUndefined()
  expect(await tellOthers(as(firm, 'lead'), { ids: [id] })).toEqual({ told: 0 })
})
test('who has no mail is told by telephone, and that is kept without a message', async () => {
  const id = party('Lane hire', { part: 'hire or waste firm', hears: NEXT_DOOR, contact: '555 0107' })
  expect(waiting('Lane hire')!.telephone).toBe('555 0107')
  const before = messagesOf(firm, 500).length
  await tellOthers(as(firm, 'lead'), { ids: [id] })
  expect(messagesOf(firm, 500)).toHaveLength(before)
  expect(waiting('Lane hire')).toBeUndefined()
})
test('what they bring changed: they alone are on the list, with that alone', async () => {
  const values = { part: 'plant or supplier', hears: 'Concrete', contact: 'plant@example.com' }
  const id = party('Plant', { ...values, brings: '8 m³' })
  await tellOthers(as(firm, 'lead'), { ids: [id] })
  const changedNow = () => whoToTell(as(firm, 'lead')).changed.filter(({ audience }) => audience === 'other')
  expect(changedNow()).toEqual([])
  party('Plant', { ...values, brings: '8.4 m³' })
  expect(changedNow().map(({ who, changes }) => [who, changes.map(({ text }) => text)])).toEqual([
    ['Plant', ['8.4 m³ instead of 8 m³.']],
  ])
})
test('crew may not tell, and nobody is chosen by nothing', () => {
  expect(() => tellOthers(as(firm, 'crew'), { ids: ['x'] })).toThrow(/lead/i)
  expect(() => tellOthers(as(firm, 'lead'), { ids: [] })).toThrow('Choose at least one.')
})

describe('by a link of their own', () => {
  const lead = () => as(firm, 'lead')
  const tokenIn = (text: string): string => /for\/other\/(\S+)/.exec(text)![1]!
  const given = async (partyId: string): Promise<string> =>
    tokenIn((await givePaper(lead(), { siteId: SITE, partyId })).url)
  const asked = (question: string): string => {
    const subjectId = uuid()
    const placeId = stateAt(firm, SITE).places[0]!.id
    const value = { question, owner: 'engineer', by: '2026-03-20', blocks: 'framing' }
    recordFacts(lead(), SITE, { facts: [{ subject: 'decision', subjectId, facet: 'asked', placeId, value }] })
    return subjectId
  }

  test('a neighbour reads their days and the letter, and says that they have it', async () => {
    const id = party('At number nine', { part: 'neighbour', hears: NEXT_DOOR, contact: 'nine@example.com' })
    await tellOthers(lead(), { ids: [id] })
    const token = tokenIn(messagesOf(firm, 1)[0]!.body)
    const page = otherPage(firm, token)
    expect(page.days).toEqual([])
    expect(page.paper!.title).toBe('To the neighbours of Heron Court')
    const rooms = stateAt(firm, SITE).places.filter(({ kind }) => kind === 'room')
    for (const { name } of rooms) expect(JSON.stringify(page)).not.toContain(name)
    expect(JSON.stringify(page)).not.toMatch(/Bakehouse|Orchard|[€£$]|private|@/)
    expect(await sayByOther(firm, token, { say: 'heard', name: 'Number nine' })).toBeNull()
    expect(otherPage(firm, token).receipts[0]!.words).toBe('Number nine has it, 10 Mar.')
  })
  test('an engineer answers what is asked, under their name; it is decided, and asked no more', async () => {
    const question = asked('May the notch stay?')
    const token = await given(party('Marl & Tie', { part: 'engineer' }))
    const { asks, paper } = otherPage(firm, token)
    expect(asks).toEqual([
      { id: question, asks: expect.stringContaining('May the notch stay? Please answer by 20 Mar') },
    ])
    expect(paper!.parts[0]!.sentences.join()).not.toContain('May the notch stay?')
    const answer = { say: `answer ${question}`, [`text ${question}`]: 'Yes, with a plate.', name: 'A. Marl' }
    expect(await sayByOther(firm, token, answer)).toBeNull()
    expect(stateAt(firm, SITE).decisions.find(({ id }) => id === question)!.answer).toBe('Yes, with a plate.')
    expect(otherPage(firm, token).receipts[0]!.words).toBe('May the notch stay? Yes, with a plate. A. Marl, 10 Mar.')
    expect(await sayByOther(firm, token, answer)).toMatch('answered already')
  })
  test('what they ask stands in the register, and its answer on their page', async () => {
    const token = await given(party('Marl & Tie', { part: 'engineer' }))
    expect(await sayByOther(firm, token, { say: 'question', question: 'Which bearer?', name: 'A. Marl' })).toBeNull()
    const [entry] = stateAt(firm, SITE).entries.filter(({ kind }) => kind === 'trade-question')
    expect(otherPage(firm, token).receipts[0]!.answer).toBe('Not answered yet.')
    const value = { result: 'The north one.' }
    recordFacts(lead(), SITE, {
      facts: [{ subject: 'entry', subjectId: entry!.id, facet: 'settled', placeId: null, value }],
    })
    expect(otherPage(firm, token).receipts[0]!.answer).toBe('The north one.')
  })
  test.each([
    [{ say: 'question', question: ' ', name: 'A' }, 'Question: type it.'],
    [{ say: 'heard', name: '' }, 'Your name: type it, so that we know.'],
    [{ say: '', name: 'A' }, 'Tap the answer that you mean.'],
    [
      { say: 'answer nothing', 'text nothing': 'yes', name: 'A' },
      'This was answered already, or is not asked any more.',
    ],
  ])('%j is refused with what to do', async (typed, message) => {
    const token = await given(party('Marl & Tie', { part: 'engineer' }))
    expect(await sayByOther(firm, token, typed as Record<string, string>)).toMatch(message)
  })
  test('nobody answers for another part, sees a photo of the site, or gets in once they are off the list', async () => {
    const question = asked('May the notch stay?')
    const id = party('Sill & Sash', { part: 'designer' })
    const token = await given(id)
    expect(otherPage(firm, token).asks).toEqual([])
    const answer = { say: `answer ${question}`, [`text ${question}`]: 'Yes.', name: 'S' }
    expect(await sayByOther(firm, token, answer)).toMatch('not asked any more')
    const { hash } = stateAt(firm, SITE).photos[0]!
    expect(() => paperPhoto(firm, token, hash)).toThrow('not part of the paper')
    recordFacts(lead(), SITE, {
      facts: [{ subject: 'entry', subjectId: id, facet: 'settled', placeId: null, value: { result: 'gone' } }],
    })
    expect(() => otherPage(firm, token)).toThrow('no longer on the list')
  })
  test('who follows the work sees what was chosen for them by hand, and learns of no place', async () => {
    const id = party('Friends of the trade', { part: 'follower', hears: NEXT_DOOR, contact: 'f@example.com' })
    expect(waiting('Friends of the trade')).toBeUndefined()
    const photo = stateAt(firm, SITE).photos[0]!
    const shown = { subject: 'photo', subjectId: photo.id, facet: 'shown', placeId: photo.placeId, value: 'Old brick' }
    const leave = { kind: 'photo-consent', values: { who: 'The household' } }
    expect(() => recordFacts(as(firm, 'crew'), SITE, { facts: [shown] })).toThrow()
    recordFacts(lead(), SITE, {
      facts: [shown, { subject: 'entry', subjectId: uuid(), facet: 'written', placeId: null, value: leave }],
    })
    const token = await given(id)
    const page = otherPage(firm, token)
    expect(page.paper!.parts.flatMap(({ pictures = [] }) => pictures.map(({ words }) => words))).toEqual(['Old brick'])
    const { subject, body } = messagesOf(firm, 1)[0]!
    const street = ['Heron', 'Underbough', ...stateAt(firm, SITE).places.map(({ name }) => name)]
    for (const where of street) expect(JSON.stringify([page, subject, body])).not.toContain(where)
    expect(paperPhoto(firm, token, photo.hash)).toBeInstanceOf(Promise)
    expect(() => paperPhoto(firm, token, stateAt(firm, SITE).photos[1]?.hash ?? 'f'.repeat(64))).toThrow('not part of')
  })
  test('who has no part that a paper is made for gets none, and crew give none', () => {
    const partyId = party('The household', { part: 'client' })
    expect(() => givePaper(lead(), { siteId: SITE, partyId })).toThrow('There is no paper for them')
    expect(() => givePaper(as(firm, 'crew'), { siteId: SITE, partyId })).toThrow(/lead/i)
  })
})
