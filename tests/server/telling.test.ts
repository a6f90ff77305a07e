import { afterAll, beforeAll, expect, test } from 'vitest'
import { siteIdOf } from '../../src/demo/ids'
import { readCrews, saveCrew } from '../../src/data/crews'
import { readBookings } from '../../src/data/plans'
import type { FirmFolder } from '../../src/server/firmFolder'
import { tellTrades, tradePage, wordsToSend } from '../../src/server/share/notices'
import { whoToTell } from '../../src/server/share/tell'
import { readersView } from '../../src/server/views/readers'
import { as, closed, openedDemo } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

let firm: FirmFolder
beforeAll(async () => {
  firm = await openedDemo()
})
afterAll(() => closed(firm))
const lead = () => as(firm, 'lead')
const BAKEHOUSE = siteIdOf('bakehouse')

/** Somebody who was not asked of several comings yet. */
const unasked = () => {
  const all = whoToTell(lead()).unasked
  const who = all.find(({ who: name }) => all.filter((one) => one.who === name).length > 1)!.who
  return { who, visitKeys: all.filter((one) => one.who === who).map(({ visitKey }) => visitKey) }
}

test('a crew with several comings gets one message, with the street and a link for each', () => {
  const { who, visitKeys } = unasked()
  const before = new Set(messagesOf(firm, 500).map(({ id }) => id))
  tellTrades(lead(), { visitKeys })
  const sent = messagesOf(firm, 500).filter(({ id }) => !before.has(id))
  expect(sent.map(({ recipient }) => recipient)).toEqual([who])
  const tokens = [...sent[0]!.body.matchAll(/for\/trade\/(\S+)/g)].map(([, token]) => token!)
  expect(tokens).toHaveLength(visitKeys.length)
  expect(sent[0]!.subject).toContain(`(+${visitKeys.length - 1})`)
  const page = tradePage(firm, tokens[0]!)
  expect(sent[0]!.body).toContain(page.where[0]!)
  expect(page.where.join(' ')).toContain('555 0100')
})

test('words for one’s own telephone book nothing until it is said that they went, and then nothing is sent by the outbox', () => {
  const { who, visitKeys } = unasked()
  const crew = readCrews(firm.db).find(({ name }) => name === who)!
  saveCrew(firm.db, { ...crew, contact: '555 0177' })
  const { to, text } = wordsToSend(lead(), { visitKeys })
  expect(to).toBe('555 0177')
  expect(text.match(/\/for\/trade\//g)).toHaveLength(visitKeys.length)
  const told = () => readBookings(firm.db).filter(({ visitKey }) => visitKeys.includes(visitKey))
  expect(told()).toEqual([])
  const before = messagesOf(firm, 500).length
  tellTrades(lead(), { visitKeys, said: true })
  expect(told()).toHaveLength(visitKeys.length)
  expect(messagesOf(firm, 500)).toHaveLength(before)
  expect(() => wordsToSend(as(firm, 'crew'), { visitKeys })).toThrow('Only a lead or the owner can do this.')
})

test('everybody of a site is listed once, who is most pressing first, each with what is new and what they said', () => {
  const rows = readersView(lead(), BAKEHOUSE)
  expect(new Set(rows.map(({ key }) => key)).size).toBe(rows.length)
  const states = rows.map(({ state }) => state)
  const order = ['changed', 'answered', 'unasked', 'remind', 'waits', 'settled']
  expect(states).toEqual([...states].sort((a, b) => order.indexOf(a) - order.indexOf(b)))
  expect(rows.find(({ sort }) => sort === 'client')!.says).toMatch(/answers? (is|are) due/)
  expect(rows.find(({ name }) => name === 'Sedge Lane bins')!.telephone).toBe('555 0148')
})
