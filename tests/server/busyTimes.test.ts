import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { describe, expect, test } from 'vitest'
import { readCrews } from '../../src/data/crews'
import { demoId } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { keepFirmDoors } from '../../src/server/people/firmDoors'
import { isInner } from '../../src/server/sites/calendarAt'
import { keepBusyTimes } from '../../src/server/sites/busyTimes'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const GLASS = demoId('crew', 'glass')
let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
const crew = () => readCrews(firm.db).find(({ id }) => id === GLASS)!
/** Its busy times in short: the day, and which half where it is not the whole of it. */
const busy = (): string[] => {
  const halves = crew().busy
  return halves.flatMap(({ day, half }) => {
    const both = halves.filter((one) => one.day === day).length === 2
    return both ? (half === 0 ? [day] : []) : [`${day} ${half === 0 ? 'morning' : 'afternoon'}`]
  })
}
const keep = (body: object, role: 'lead' | 'crew' = 'lead') => keepBusyTimes(as(firm, role), { crewId: GLASS, ...body })
const calendar = (...events: readonly string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//', ...events, 'END:VCALENDAR', ''].join('\r\n')
const event = (...lines: readonly string[]): string =>
  ['BEGIN:VEVENT', `UID:${lines.join('')}`, 'DTSTAMP:20260301T000000Z', ...lines, 'END:VEVENT'].join('\r\n')
const WHOLE = event('DTSTART;VALUE=DATE:20260316', 'DTEND;VALUE=DATE:20260318')

describe('a crew’s own calendar', () => {
  test('its busy days are kept beside the days off that were typed', async () => {
    const text = calendar(
      WHOLE,
      event('DTSTART:20260320T080000', 'DTEND:20260320T093000'),
      event('DTSTART:20260323T080000', 'DTEND:20260323T140000', 'STATUS:CANCELLED'),
      event('DTSTART:20260324T080000', 'DTEND:20260324T140000', 'TRANSP:TRANSPARENT'),
      event('DTSTART:20260325T080000', 'DTEND:20260325T140000'),
      event('DTSTART:20260326T080000', 'DTEND:20260326T113000'),
    )
    expect(await keep({ text })).toEqual({ days: 3.5 })
    expect(busy()).toEqual(['2026-03-16', '2026-03-17', '2026-03-25', '2026-03-26 morning'])
    expect(crew().calendar).toMatchObject({ daysOff: crew().daysOff, halvesOff: crew().busy })
  })
  test('what is repeated is followed, for a year and no longer', async () => {
    await keep({
      text: calendar(event('DTSTART:20260312T070000', 'DTEND:20260312T150000', 'RRULE:FREQ=WEEKLY;COUNT=3')),
    })
    expect(busy()).toEqual(['2026-03-12', '2026-03-19', '2026-03-26'])
    await keep({ text: calendar(event('DTSTART:20260312T070000', 'DTEND:20260312T150000', 'RRULE:FREQ=WEEKLY')) })
    expect(busy().length).toBeGreaterThan(50)
    expect(busy().length).toBeLessThan(60)
  })
  test('the next plan keeps off its days', async () => {
    const taken = Array.from({ length: 60 }, (_, i) =>
      event(
        `DTSTART:202603${String(11 + (i % 20)).padStart(2, '0')}T07${String(i).padStart(2, '0')}00`,
        `DTEND:202603${String(11 + (i % 20)).padStart(2, '0')}T170000`,
      ),
    )
    await keep({ text: calendar(...taken) })
    const plan = await planFirm(as(firm, 'lead'), 'their calendar')
    for (const visit of plan.visits.filter(({ crewId }) => crewId === GLASS))
      expect(busy()).not.toContainEqual({ day: visit.startDay, half: visit.startHalf })
  })
  test('what is no calendar is refused with its line and reason, and nothing is changed', async () => {
    await keep({ text: calendar(WHOLE) })
    const bad = calendar(WHOLE).replace('UID:', 'no separator here\r\nUID:')
    await expect(keep({ text: bad })).rejects.toThrow(/Calendar: this is no iCalendar file; line 5 cannot be read/)
    await expect(keep({ text: 'hello' })).rejects.toThrow('Nothing was changed.')
    await expect(keep({ text: 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n' })).rejects.toThrow('Nothing was changed.')
    await expect(keep({})).rejects.toThrow('choose a file, or give its address')
    expect(busy()).toEqual(['2026-03-16', '2026-03-17'])
  })
  test('it is read from its address, and an address that does not answer changes nothing', async () => {
    const server = createServer((request, response) => {
      response.statusCode = request.url === '/mine.ics' ? 200 : 404
      response.end(calendar(WHOLE))
    })
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
    const origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
    await expect(keep({ address: `${origin}/mine.ics` })).rejects.toThrow('lies in this house’s own network')
    keepFirmDoors(as(firm, 'owner'), { allowedHosts: ['127.0.0.1'] })
    expect(await keep({ address: `${origin}/mine.ics` })).toEqual({ days: 2 })
    expect(crew().busyAddress).toBe(`${origin}/mine.ics`)
    await expect(keep({ address: `${origin}/other.ics` })).rejects.toThrow('it answered 404')
    await new Promise((done) => server.close(done))
    await expect(keep({ address: `${origin}/mine.ics` })).rejects.toThrow('nobody answered there')
    await expect(keep({ address: 'file:///etc/passwd' })).rejects.toThrow('write it whole')
    expect(busy()).toEqual(['2026-03-16', '2026-03-17'])
  })
  test.each([
    'http://localhost:80/a.ics',
    'http://[::1]/a.ics',
    'http://[::ffff:127.0.0.1]/a.ics',
    'http://169.254.169.254/latest',
    'http://192.168.1.1/a.ics',
    'http://2130706433/a.ics',
    'http://0x7f.1/a.ics',
  ])('an address in the house is not read: %s', async (address) => {
    await expect(keep({ address })).rejects.toThrow(/own network|nobody answered/)
  })
  test('networks of a house and what is set aside are told from the internet', () => {
    for (const one of ['10.0.0.1', '172.20.0.1', '192.168.0.1', '127.9.9.9', '0.0.0.0', 'fe80::1', 'fd00::1', '::1'])
      expect(isInner(one), one).toBe(true)
    for (const one of ['93.184.216.34', '172.32.0.1', '2606:2800:220:1::1']) expect(isInner(one), one).toBe(false)
  })
  test('crew may not, and a crew that is gone is said so', async () => {
    await expect(keep({ text: calendar(WHOLE) }, 'crew')).rejects.toThrow('Only a lead')
    await expect(keep({ crewId: 'gone', text: calendar(WHOLE) })).rejects.toThrow('not on record any more')
  })
})
