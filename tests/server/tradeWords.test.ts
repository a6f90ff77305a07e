import sharp from 'sharp'
import { beforeEach, describe, expect, test } from 'vitest'
import { readCrews, saveCrew } from '../../src/data/crews'
import { readBookings, readPlan } from '../../src/data/plans'
import type { FirmFolder } from '../../src/server/firmFolder'
import { runPhotoJobs } from '../../src/server/photos/photoSizes'
import { tellTrades, tradePage } from '../../src/server/share/notices'
import { photoByTrade, sayByTrade } from '../../src/server/share/tradeWords'
import { shareView } from '../../src/server/views/share'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

let firm: FirmFolder
let token: string
let siteId: string
let placeId: string
let key: string
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const lead = () => as(firm, 'lead')
const state = () => stateAt(firm, siteId)
beforeEach(async () => {
  const booked = new Set(readBookings(firm.db).map(({ visitKey }) => visitKey))
  const visit = readPlan(firm.db)!.plan.visits.find(({ key, crewId }) => crewId !== null && booked.has(key))!
  siteId = visit.siteId
  key = visit.key
  placeId = visit.placeIds[0]!
  await tellTrades(lead(), { visitKeys: [visit.key] })
  token = /for\/trade\/(\S+)/.exec(messagesOf(firm, 1)[0]!.body)![1]!
})

describe('a trade by its link', () => {
  test('says that it runs late: a note at the place, a receipt for both', () => {
    expect(sayByTrade(firm, token, { kind: 'late', text: 'half a day' }).receipt).toBe('We have it. Thank you.')
    const [receipt] = tradePage(firm, token).receipts
    expect(receipt!.words).toMatch(/: running late, half a day\.$/)
    expect(state().notes.find(({ text }) => text === receipt!.words)).toMatchObject({ placeId, private: false })
    const said = shareView(lead()).readers.flatMap(({ receipts }) => receipts)
    expect(said).toContainEqual(expect.objectContaining({ siteId, words: receipt!.words }))
  })
  test('says that it is done, with a photo at the place; how far it is stays to be seen', async () => {
    const before = state().lines.map(({ progress }) => progress)
    const photo = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#336' } })
      .jpeg()
      .toBuffer()
    await photoByTrade(firm, token, photo)
    await runPhotoJobs(firm)
    sayByTrade(firm, token, { kind: 'done', text: 'one box waits for its cover' })
    expect(state().photos.some((one) => one.placeId === placeId && one.caption.startsWith('Done, by '))).toBe(true)
    expect(tradePage(firm, token).receipts[0]!.words).toMatch(
      /: done, one box waits for its cover\. To be seen on the next walk\.$/,
    )
    expect(state().lines.map(({ progress }) => progress)).toEqual(before)
  })
  test('asks, and finds the answer at its link', () => {
    sayByTrade(firm, token, { kind: 'question', text: 'Which way does the door open?' })
    const [entry] = state().entries.filter(({ kind }) => kind === 'trade-question')
    expect(tradePage(firm, token).receipts[0]!.answer).toBe('Not answered yet.')
    recordFacts(lead(), siteId, {
      facts: [
        { subject: 'entry', subjectId: entry!.id, facet: 'settled', placeId, value: { result: 'Into the hall.' } },
      ],
    })
    expect(tradePage(firm, token).receipts[0]!.answer).toBe('Into the hall.')
  })
  test.each([
    [{ kind: 'late' }, 'Running late: say how long'],
    [{ kind: 'question', text: ' ' }, 'Question: type it.'],
    [{ kind: 'dance' }, 'Say: running late, done, or a question.'],
  ])('%j is refused with what to do', (body, message) => {
    expect(() => sayByTrade(firm, token, body)).toThrow(message)
  })
  test('a file that is no photo is refused, and a link of nobody says nothing', async () => {
    await expect(photoByTrade(firm, token, Buffer.from('not a picture'))).rejects.toThrow('Photo: this file is not')
    expect(() => sayByTrade(firm, 'nobody', { kind: 'done' })).toThrow('leads nowhere')
  })
})

test('a crew that reads Polish gets its notice and its page in Polish, and any other language by a link', async () => {
  const { crewId, visitKey } = readBookings(firm.db).find((one) => one.visitKey === key)!
  saveCrew(firm.db, { ...readCrews(firm.db).find(({ id }) => id === crewId)!, language: 'pl' })
  await tellTrades(lead(), { visitKeys: [visitKey] })
  const [message] = messagesOf(firm, 1)
  expect(message!.body).toContain('Gdzie, ile, co jest gotowe; prosimy potwierdzić lub odmówić:')
  const polish = /for\/trade\/(\S+)/.exec(message!.body)![1]!
  expect(tradePage(firm, polish).words.confirm).toBe('Potwierdzam')
  expect(tradePage(firm, polish, 'es').words.confirm).toBe('Confirmar')
  expect(tradePage(firm, polish, 'xx').words.confirm).toBe('Potwierdzam')
})
