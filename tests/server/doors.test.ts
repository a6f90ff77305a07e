import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { USUAL, writeAs } from '../../src/core/habits/habits'
import { readLink } from '../../src/data/links'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { keepFirmDoors, keepHabits } from '../../src/server/people/firmDoors'
import { addressOf, createLink, tokenOf } from '../../src/server/share/links'
import { calendarFeed } from '../../src/server/share/calendarFeed'
import { keepCrew } from '../../src/server/sites/crewsAndRates'
import { addLine } from '../../src/server/sites/addLine'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm, stateAt } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const SITE = siteIdOf('bakehouse')
const BATH = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const fact = (subject: string, subjectId: string, facet: string, value: unknown, placeId: string | null = BATH) => ({
  facts: [{ subject, subjectId, facet, placeId, value }],
})

test('the address of links and mails is the firm’s own, written whole', () => {
  const keep = (address: string) => keepFirmDoors(as(firm, 'owner'), { address, allowedHosts: [] })
  keep('https://walks.example.com')
  expect(addressOf(firm.db)).toBe('https://walks.example.com')
  for (const wrong of ['walks.example.com', 'https://example.com/walks', 'ftp://example.com'])
    expect(() => keep(wrong)).toThrow('Address: write it whole')
  expect(() => keepFirmDoors(as(firm, 'lead'), { address: '', allowedHosts: [] })).toThrow(/owner/i)
})

test('money and days are written as the firm does, from the moment it says so', () => {
  const habits = { name: 'Underbough Works', units: 'imperial', currency: 'usd', dayForm: 'month first', timeZone: '' }
  try {
    keepHabits(as(firm, 'owner'), habits)
    const says = addLine(as(firm, 'lead'), SITE, {
      placeId: BATH,
      text: 'a heated rail',
      extra: true,
      price: '$1,380',
    }).says
    expect(says).toContain('$1,380.00')
    for (const [wrong, words] of [
      [{ currency: 'XYZ' }, 'Currency: write its three letters, like EUR or USD.'],
      [{ timeZone: 'Nowhere/Town' }, 'Time zone: write it like Europe/Vienna.'],
      [{ name: ' ' }, 'Firm: type its name.'],
    ] as const)
      expect(() => keepHabits(as(firm, 'owner'), { ...habits, ...wrong })).toThrow(words)
    expect(() => keepHabits(as(firm, 'lead'), habits)).toThrow(/owner/i)
  } finally {
    writeAs(USUAL)
  }
})

describe('how somebody is reached', () => {
  const crew = { trade: 'painter', crews: 1, crewSize: 1, weekdays: [1], name: 'Painters two' }
  test.each(['nobody@', 'a@b', 'two@example.com, three@example.com', 'call', '12'])('%s reaches nobody', (contact) => {
    expect(() => keepCrew(as(firm, 'lead'), { ...crew, contact })).toThrow('Contact: write a mail address like')
  })
  test.each(['paint@example.com', '555 0143', ''])('"%s" is taken', (contact) => {
    expect(keepCrew(as(firm, 'lead'), { ...crew, contact }).id).toBeTruthy()
  })
})

test('a line break in a name makes no line of its own in a calendar', () => {
  recordFacts(as(firm, 'lead'), SITE, fact('place', BATH, 'name', 'Bath\r\nATTACH:http://example.com'))
  const link = createLink(as(firm, 'lead'), SITE, 'calendar', '')
  const feed = calendarFeed(firm, tokenOf(firm, readLink(firm.db, link)!))
  expect(feed.replaceAll(/\r\n /g, '')).toContain('Bath ATTACH')
  expect(feed).toContain('BEGIN:VEVENT')
  expect(feed.split(/\r?\n/).filter((one) => one.startsWith('ATTACH'))).toEqual([])
})

describe('crew do not speak for the client', () => {
  test.each([
    [
      'an extra approved',
      () =>
        fact('line', stateAt(firm, SITE).lines[0]!.id, 'approval', {
          answer: 'approved',
          by: 'the client',
          on: '2026-03-10',
        }),
    ],
    ['a selection approved', () => fact('selection', stateAt(firm, SITE).selections[0]!.id, 'state', 'approved')],
    ['a place taken off', () => fact('place', BATH, 'removed', true)],
  ])('%s is refused from them, and says who records it', (_what, told) => {
    expect(() => recordFacts(as(firm, 'crew'), SITE, told())).toThrow(/lead or the owner/)
  })
  test('nor decide for them', () => {
    const id = uuid()
    recordFacts(as(firm, 'lead'), SITE, fact('decision', id, 'asked', { question: 'Which tile?', owner: 'client' }))
    expect(() => recordFacts(as(firm, 'crew'), SITE, fact('decision', id, 'answered', 'The blue one'))).toThrow(
      /lead or the owner/,
    )
  })
})

describe('what cannot be so is refused by name', () => {
  const line = () => stateAt(firm, SITE).lines.find(({ placeId }) => placeId === BATH)!.id
  test.each([
    ['progress', 140, /progress|per cent|%/i],
    ['hours', -1, /hours/i],
  ])('%s of %j', (facet, value, message) => {
    expect(() => recordFacts(as(firm, 'lead'), SITE, fact('line', line(), facet, value))).toThrow(message)
  })
})
