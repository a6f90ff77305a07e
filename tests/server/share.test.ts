import ICAL from 'ical.js'
import { describe, expect, test } from 'vitest'
import { readBookings, readPlan } from '../../src/data/plans'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import { clockFrom } from '../../src/server/clock'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { doorLogView } from '../../src/server/people/firmDoors'
import { calendarFeed, makeFeed } from '../../src/server/share/calendarFeed'
import { clientPage, draftUpdate, keepEdits, publishUpdate, sharedPhoto } from '../../src/server/share/clientUpdates'
import { reopenLink, withdrawLink } from '../../src/server/share/links'
import { answerNotice, remindTrades, tellTrades, tradePage } from '../../src/server/share/notices'
import { whoToTell } from '../../src/server/share/tell'
import { roomSheetView } from '../../src/server/views/roomSheet'
import { shareView, siteShareView } from '../../src/server/views/share'
import { todayView } from '../../src/server/views/today'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

const BAKEHOUSE = siteIdOf('bakehouse')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})

const tokenOf = (url: string) => url.split('/').at(-1)!.trim()
const lastLink = (start: string) =>
  tokenOf(
    messagesOf(firm, 200)
      .find((one) => one.subject.startsWith(start))!
      .body.trim()
      .split('\n')
      .at(-1)!,
  )

async function publish(part: object = {}) {
  const context = as(firm, 'lead')
  const { draft, photos } = draftUpdate(context, context.site(BAKEHOUSE))
  const { finish: _finish, ...text } = draft
  return tokenOf(
    (await publishUpdate(context, BAKEHOUSE, { ...text, photos: photos.slice(0, 1).map((one) => one.hash), ...part }))
      .url,
  )
}

const linksOf = (site: string) => siteShareView(as(firm, 'lead'), site).readers.flatMap(({ links }) => links)

describe('the client’s link', () => {
  test('shows what was published, edited words included, and nothing else', async () => {
    const token = await publish({ headline: 'The kitchen is getting its pipes' })
    const page = clientPage(firm, token)
    expect(page).toMatchObject({ site: 'Bakehouse Lane', headline: 'The kitchen is getting its pipes' })
    expect(page.asks.map(({ asks }) => asks).join(' ')).toContain('Worktop edge')
    const shown = JSON.stringify(page)
    for (const canary of [
      'Quillwort',
      'Foxglove',
      '137953',
      '1379',
      '48200',
      'Heron',
      'Pell',
      'Sedgeley',
      'Hathersedge',
      'example.com',
    ])
      expect(shown).not.toContain(canary)
    expect((await sharedPhoto(firm, token, page.photos[0]!.hash)).headers.get('content-type')).toBe('image/jpeg')
    expect(() => sharedPhoto(firm, token, 'f'.repeat(64))).toThrow('not part of the update')
  })
  test('who guesses is told to stop, and whoever has a link still gets in', async () => {
    const token = await publish()
    const guesses = Array.from({ length: 45 }, (_, i) => {
      try {
        clientPage(firm, `guess ${i}`)
        return 200
      } catch (error) {
        return (error as { status: number }).status
      }
    })
    expect([guesses[0], guesses.at(-1)]).toEqual([404, 429])
    expect(clientPage(firm, token).site).toBe('Bakehouse Lane')
  })
  test('withdrawn, it is shut at once; expired, unknown or of another audience too', async () => {
    const token = await publish()
    const link = linksOf(BAKEHOUSE).find((one) => one.about === 'Client update')!
    expect(() => tradePage(firm, token)).toThrow('leads nowhere')
    withdrawLink(as(firm, 'lead'), link.id)
    expect(() => clientPage(firm, token)).toThrow('This link was withdrawn.')
    expect(() => clientPage(firm, 'guess')).toThrow('leads nowhere')
    const later = { ...firm, clock: clockFrom('2026-06-30', null) }
    const fresh = await publish()
    expect(() => clientPage(later, fresh)).toThrow('This link has expired.')
  })
  test('withdrawn by a slip of the finger, the same address opens again for ten minutes', async () => {
    const token = await publish()
    const link = linksOf(BAKEHOUSE).find((one) => one.about === 'Client update')!
    withdrawLink(as(firm, 'lead'), link.id)
    reopenLink(as(firm, 'lead'), link.id)
    expect(clientPage(firm, token)).toBeTruthy()
    withdrawLink(as(firm, 'lead'), link.id)
    firm.db.prepare("UPDATE link SET revoked_at = '2026-03-10T01:00:00.000Z' WHERE id = ?").run(link.id)
    expect(() => reopenLink(as(firm, 'lead'), link.id)).toThrow('Give it anew: it gets another address.')
    expect(() => reopenLink(as(firm, 'crew'), link.id)).toThrow()
  })
  test('only a hash of its token is kept, and its viewing is recorded', async () => {
    const token = await publish()
    clientPage(firm, token)
    expect(JSON.stringify(firm.db.prepare('SELECT * FROM link').all())).not.toContain(token)
    expect(linksOf(BAKEHOUSE).find((one) => one.about === 'Client update')!.state).toBe('last opened 10 Mar')
  })
  test('the next draft tells only what changed since', async () => {
    await publish()
    const context = as(firm, 'lead')
    expect(draftUpdate(context, context.site(BAKEHOUSE)).draft.done).toEqual([
      'Nothing was finished since the last update; the next steps are below.',
    ])
  })
  test('bad input names the field; a photo of another site is refused', async () => {
    await expect(publish({ headline: '' })).rejects.toThrow('Headline: write one.')
    const other = draftUpdate(as(firm, 'lead'), as(firm, 'lead').site(siteIdOf('heron')))
    await expect(publish({ photos: [...other.photos.map((one) => one.hash), 'e'.repeat(64)] })).rejects.toThrow(
      'not of this site',
    )
  })
  test('crew may neither publish nor read what is prepared', async () => {
    await expect(publishUpdate(as(firm, 'crew'), BAKEHOUSE, {})).rejects.toMatchObject({ status: 403 })
    expect(() => shareView(as(firm, 'crew'))).toThrow('Only a lead')
  })
})

test('the owner reads whose link was opened', async () => {
  clientPage(firm, await publish())
  const told = messagesOf(firm, 300).find(
    ({ recipient, body }) => recipient.startsWith('Hollis') && body.includes('/for/trade/'),
  )!
  tradePage(firm, /for\/trade\/(\S+)/.exec(told.body)![1]!)
  const opened = doorLogView(as(firm, 'owner')).entries.filter(({ what }) => what === 'Link opened')
  expect(opened.map(({ detail }) => detail)).toEqual([
    'Hollis Fairbrush, Notice: Paint, Back bedroom, Bakehouse Lane',
    'Client update, Bakehouse Lane',
  ])
})

describe('a reminder', () => {
  const remind = () => whoToTell(as(firm, 'lead')).remind
  /** As if everybody had been told days ago. */
  const toldEarlier = () => firm.db.prepare("UPDATE booking SET changed_at = '2026-03-04T08:00:00.000Z'").run()
  test('is due three working days before, goes out once, and asks who has not confirmed', async () => {
    expect(remind()).toEqual([])
    toldEarlier()
    const due = remind()
    expect(due.length).toBeGreaterThan(0)
    const bookings = new Map(readBookings(firm.db).map((one) => [one.visitKey, one]))
    for (const { visitKey, confirmed } of due) {
      const { startDay, state } = bookings.get(visitKey)!
      expect(startDay > '2026-03-10' && startDay <= '2026-03-13').toBe(true)
      expect(confirmed).toBe(state === 'confirmed')
    }
    const before = messagesOf(firm, 300).length
    expect(await remindTrades(as(firm, 'lead'), { visitKeys: due.map((one) => one.visitKey) })).toEqual({
      reminded: due.length,
    })
    const sent = messagesOf(firm, 300).slice(0, messagesOf(firm, 300).length - before)
    expect(sent.every(({ subject }) => subject.startsWith('Reminder: '))).toBe(true)
    expect(remind()).toEqual([])
    expect((await remindTrades(as(firm, 'lead'), { visitKeys: [due[0]!.visitKey] })).reminded).toBe(0)
  })
  test('is due again once another date was told', async () => {
    toldEarlier()
    const [first] = remind()
    await remindTrades(as(firm, 'lead'), { visitKeys: [first!.visitKey] })
    await tellTrades(as(firm, 'lead'), { visitKeys: [first!.visitKey] })
    // Told today, they are not reminded today.
    expect(remind().map((one) => one.visitKey)).not.toContain(first!.visitKey)
    toldEarlier()
    expect(remind().map((one) => one.visitKey)).toContain(first!.visitKey)
  })
  test('is not for crew to send', () => {
    expect(() => remindTrades(as(firm, 'crew'), { visitKeys: ['x'] })).toThrow('Only a lead')
  })
})

describe('a trade declines', () => {
  const unasked = () => whoToTell(as(firm, 'lead')).unasked[0]!

  test('Today and the plan say so, the next plan moves it, and exactly those whose dates changed are told', async () => {
    const lead = as(firm, 'lead')
    await planFirm(lead, 'fresh')
    await tellTrades(lead, {
      visitKeys: whoToTell(lead)
        .changed.flatMap((one) => one.changes.flatMap((change) => change.visitKey ?? []))
        .concat(unasked().visitKey),
    })
    const visit = readPlan(firm.db)!.plan.visits.find((one) =>
      readBookings(firm.db).some((b) => b.visitKey === one.key && b.state === 'told' && one.startDay > '2026-03-24'),
    )!
    const told = readBookings(firm.db).find((one) => one.visitKey === visit.key)!
    await tellTrades(lead, { visitKeys: [visit.key] })
    const token = tokenOf(
      messagesOf(firm, 300)
        .filter((one) => one.body.includes('/for/trade/'))[0]!
        .body.trim()
        .split('\n')
        .at(-1)!,
    )
    expect(tradePage(firm, token)).toMatchObject({ state: 'told', changing: false })

    expect(answerNotice(firm, token, { answer: 'decline', reason: 'double booked', freeFrom: '2026-05-18' })).toEqual({
      state: 'declined',
    })
    expect(
      todayView(lead).needs.some(
        (need) => need.text.includes('declined') && need.detail.includes('double booked; next free Mon 18 May'),
      ),
    ).toBe(true)

    const before = new Map(readPlan(firm.db)!.plan.visits.map((one) => [one.key, one]))
    await planFirm(lead, 'after the decline')
    const after = new Map(readPlan(firm.db)!.plan.visits.map((one) => [one.key, one]))
    expect(after.get(visit.key)!.startDay >= '2026-05-18').toBe(true)
    expect(told.startDay < '2026-05-18').toBe(true)

    const listed = whoToTell(lead)
      .changed.filter((one) => one.audience === 'trade')
      .flatMap((one) => one.changes.map((change) => change.visitKey!))
      .sort()
    const really = readBookings(firm.db)
      .filter((one) => one.state !== 'declined' && after.has(one.visitKey))
      .filter(
        (one) =>
          after.get(one.visitKey)!.startDay !== one.startDay ||
          after.get(one.visitKey)!.endDay !== one.endDay ||
          after.get(one.visitKey)!.startHalf !== one.startHalf ||
          after.get(one.visitKey)!.endHalf !== one.endHalf,
      )
      .map((one) => one.visitKey)
      .sort()
    expect(listed).toEqual(really)
    expect(before.get(visit.key)!.startDay).not.toBe(after.get(visit.key)!.startDay)
  })

  test('confirming keeps the date; an answer to an outdated date is refused', async () => {
    const lead = as(firm, 'lead')
    await planFirm(lead, 'round the declined visit')
    const { visitKey } = unasked()
    await tellTrades(lead, { visitKeys: [visitKey] })
    const visit = readPlan(firm.db)!.plan.visits.find((one) => one.key === visitKey)!
    const token = tokenOf(
      messagesOf(firm, 300)
        .find((one) => one.body.includes('/for/trade/'))!
        .body.trim()
        .split('\n')
        .at(-1)!,
    )
    expect(answerNotice(firm, token, { answer: 'confirm' })).toEqual({ state: 'confirmed' })
    await planFirm(lead, 'again')
    expect(readPlan(firm.db)!.plan.visits.find((one) => one.key === visitKey)!.startDay).toBe(visit.startDay)

    recordFacts(lead, visit.siteId, {
      facts: visit.lineIds.map((subjectId) => ({
        subject: 'line',
        subjectId,
        facet: 'held',
        placeId: visit.placeIds[0],
        value: { reason: 'wet', until: '2026-07-01' },
      })),
    })
    await planFirm(lead, 'held')
    expect(tradePage(firm, token).changing).toBe(true)
    expect(() => answerNotice(firm, token, { answer: 'confirm' })).toThrow('This date is being changed.')
    expect(() => answerNotice(firm, token, { answer: 'perhaps' })).toThrow('Answer: confirm or decline.')
  })

  test('its page holds no money, no private note, no other trade’s contact', async () => {
    await tellTrades(as(firm, 'lead'), {
      visitKeys: readPlan(firm.db)!
        .plan.visits.filter((one) => one.siteId === BAKEHOUSE)
        .map((one) => one.key),
    })
    const tokens = messagesOf(firm, 100)
      .filter((one) => one.body.includes('/for/trade/'))
      .map((one) => tokenOf(one.body.trim().split('\n').at(-1)!))
    const shown = JSON.stringify(tokens.map((token) => tradePage(firm, token)))
    expect(shown).toContain('Bakehouse Lane')
    for (const canary of ['Quillwort', '137953', '1379', 'example.com', 'household of'])
      expect(shown).not.toContain(canary)
  })
})

describe('calendars', () => {
  const events = (text: string) =>
    new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one))

  test('a site’s feed holds the whole plan in whole days; a moved visit keeps its UID and raises its sequence', async () => {
    const lead = as(firm, 'lead')
    const { url } = makeFeed(lead, { siteId: BAKEHOUSE })
    const first = events(calendarFeed(firm, tokenOf(url)))
    const visits = readPlan(firm.db)!.plan.visits.filter((one) => one.siteId === BAKEHOUSE)
    expect(first).toHaveLength(visits.length)
    expect(first.map((one) => one.startDate.toString()).sort()).toEqual(
      visits.map((one) => one.startDay as string).sort(),
    )

    const paint = visits.find(
      (one) => one.stages.includes('paint') && one.placeIds.includes(placeIdOf('bakehouse', 'shop')),
    )!
    recordFacts(lead, BAKEHOUSE, {
      facts: [
        {
          subject: 'line',
          subjectId: paint.lineIds[0],
          facet: 'held',
          placeId: paint.placeIds[0],
          value: { reason: 'wet', until: '2026-06-15' },
        },
      ],
    })
    await planFirm(lead, 'wet wall')
    const second = events(calendarFeed(firm, tokenOf(url)))
    // What is held is done by itself from now on: a visit more, and all others as they were.
    expect(second.map((one) => one.uid)).toEqual(expect.arrayContaining(first.map((one) => one.uid)))
    const moved = second.find((one) => one.startDate.toString() === '2026-06-15')!
    expect(moved.sequence).toBeGreaterThan(first.find((one) => one.uid === moved.uid)!.sequence)
  })
  test('a crew’s feed holds what it was told across sites, and nothing it declined', () => {
    const crewId = readBookings(firm.db).find((one) => one.state === 'declined')!.crewId
    const { url } = makeFeed(as(firm, 'lead'), { crewId })
    const open = new Set(readPlan(firm.db)!.plan.visits.map((one) => one.key))
    const told = readBookings(firm.db).filter(
      (one) => one.crewId === crewId && one.state !== 'declined' && open.has(one.visitKey),
    )
    expect(events(calendarFeed(firm, tokenOf(url)))).toHaveLength(told.length)
  })
  test('a crew that does not exist has no calendar', () => {
    expect(() => makeFeed(as(firm, 'lead'), { crewId: 'nobody' })).toThrow('Calendar: choose a site or a crew.')
  })
})

test('a room sheet is for whoever may see the site; who works there is on it, how to reach them is for the lead', async () => {
  const bath = placeIdOf('bakehouse', 'bath')
  const view = await roomSheetView(as(firm, 'crew'), BAKEHOUSE, bath)
  expect(view.sheet.work.length).toBeGreaterThan(10)
  expect(JSON.stringify(view)).not.toContain('137953')
  await expect(roomSheetView(as(firm, 'crew'), siteIdOf('pell'), placeIdOf('pell', 'bay'))).rejects.toThrow(
    'no such site among yours',
  )
  expect(view.code).toMatch(/^data:image\/png;base64,/)
  expect(view.contacts.length).toBeGreaterThan(3)
  expect(JSON.stringify(view)).not.toContain('@trades.example.com')
  const lead = await roomSheetView(as(firm, 'lead'), BAKEHOUSE, bath)
  expect(lead.contacts.map(({ name }) => name)).toEqual(view.contacts.map(({ name }) => name))
  expect(lead.contacts.every(({ contact }) => contact.includes('@'))).toBe(true)
})

test('the tell list of the demo: the slipped cabinets, and nobody else’s date', () => {
  const { changed } = whoToTell(as(firm, 'lead'))
  expect(changed.map((one) => one.who)).toContain('Joss Tenonby')
  expect(changed.filter((one) => one.audience === 'client').map((one) => one.who)).toEqual(['Client of Bakehouse Lane'])
  expect(lastLink('Cabinets, Kitchen, Bakehouse Lane')).toMatch(/^[A-Za-z0-9_-]{65}$/)
})

describe('what a lead makes of an update', () => {
  const SITE = siteIdOf('heron')
  const draftNow = () => draftUpdate(as(firm, 'lead'), as(firm, 'lead').site(SITE))
  const keep = (part: object) => keepEdits(as(firm, 'lead'), SITE, part)
  test('is kept, stands when the update is composed anew, and goes on to the next where the sentence comes again', async () => {
    const { draft, sent } = draftNow()
    expect(sent).not.toBeNull()
    const [first] = draft.next
    keep({ headline: 'A good week', instead: [[first, 'In our own words.']], added: { next: ['We bring cake.'] } })
    expect(draftNow().edits.instead[first!]).toBe('In our own words.')
    const { finish: _finish, ...text } = draft
    await publishUpdate(as(firm, 'lead'), SITE, { ...text, next: ['In our own words.'], photos: [] })
    expect(draftNow().edits).toEqual({
      headline: null,
      instead: { [first!]: 'In our own words.' },
      dropped: [],
      added: {},
    })
    expect(draftNow().sent).toContain('In our own words.')
  })
  test('too long a sentence is refused and crew may not write', () => {
    expect(() => keep({ instead: [['Tile comes.', 'x'.repeat(601)]] })).toThrow('at most 600')
    expect(() => keepEdits(as(firm, 'crew'), SITE, {})).toThrow(/lead/i)
  })
})

test('a client who heard nothing for a week is on the list of the morning, until they are told', async () => {
  const quiet = () =>
    todayView(as(firm, 'lead'))
      .needs.map(({ text }) => text)
      .filter((text) => text.startsWith('The client of Heron Court heard nothing'))
  expect(quiet()).toEqual([])
  firm = { ...firm, clock: clockFrom('2026-03-13', null) }
  expect(quiet()).toEqual(['The client of Heron Court heard nothing for 7 days.'])
  const { draft } = draftUpdate(as(firm, 'lead'), as(firm, 'lead').site(siteIdOf('heron')))
  const { finish: _finish, ...text } = draft
  await publishUpdate(as(firm, 'lead'), siteIdOf('heron'), { ...text, photos: [] })
  expect(quiet()).toEqual([])
})
