import { beforeEach, describe, expect, test } from 'vitest'
import { simulatedMail } from '../../src/devices/mail/mailTransport'
import type { Clock } from '../../src/server/clock'
import type { FirmFolder } from '../../src/server/firmFolder'
import { sendWaiting, writeMessage } from '../../src/server/share/messages'
import { keepMorningAddress, morningMail, writeMorningMails } from '../../src/server/share/morningMail'
import { mySettingsView } from '../../src/server/views/settings'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as, TODAY } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

let firm: FirmFolder
eachWithDemoFirm((fresh) => {
  firm = fresh
})
/** The firm at an hour of its day, on the tests' day or another. */
const at = (hour: number, day = TODAY): FirmFolder => ({
  ...firm,
  clock: { ...firm.clock, hour: () => hour, today: () => day } as Clock,
})
const ask = (role: 'owner' | 'lead' | 'crew', address: string) => keepMorningAddress(as(firm, role), { address })
const early = () => messagesOf(firm, 100).filter(({ early: one }) => one)

describe('the morning mail', () => {
  beforeEach(() => {
    ask('lead', 'lead@example.com')
    ask('crew', 'crew@example.com')
  })
  test('is written once a day, from six, to who asked for it', () => {
    writeMorningMails(at(5))
    expect(early()).toEqual([])
    writeMorningMails(at(6))
    writeMorningMails(at(7))
    expect(
      early()
        .map(({ address }) => address)
        .sort(),
    ).toEqual(['crew@example.com', 'lead@example.com'])
    writeMorningMails(at(6, '2026-03-11'))
    expect(early()).toHaveLength(4)
  })
  test('goes at six, when nothing else may go yet', async () => {
    writeMessage(firm, { siteId: null, recipient: 'Trade', address: 't@example.com', subject: 's', body: 'b' })
    writeMorningMails(at(6))
    await sendWaiting(at(6), simulatedMail())
    const sent = (address: string) => messagesOf(firm, 100).find((one) => one.address === address)!.sentAt
    expect(sent('lead@example.com')).not.toBe(null)
    expect(sent('t@example.com')).toBe(null)
  })
  test('tells a lead what Today tells: what needs them, who is where, what to walk', () => {
    const { subject, body } = morningMail(as(firm, 'lead'))!
    expect(subject).toMatch(/^Tuesday 10 March/)
    for (const part of ['What needs you', 'Bakehouse Lane', 'To walk', '/today']) expect(body).toContain(part)
  })
  test('tells crew their places, what can hurt first, and no money', () => {
    const { body } = morningMail(as(firm, 'crew'))!
    expect(body.indexOf('Take care')).toBeGreaterThan(0)
    expect(body.indexOf('Take care')).toBeLessThan(body.indexOf('Bakehouse Lane'))
    expect(body).not.toMatch(/€|£|\$|What needs you/)
    expect(body).not.toMatch(/Pell Street/)
  })
  test('is not written on a day off, nor to who is no longer asking; a mail address is asked for by name', () => {
    ask('lead', '')
    writeMorningMails(at(6))
    writeMorningMails(at(6, '2026-03-15'))
    expect(early().map(({ address }) => address)).toEqual(['crew@example.com'])
    expect(() => ask('lead', 'here')).toThrow('Mail address: write a mail address like name@example.com.')
    expect(mySettingsView(as(firm, 'crew')).morning).toEqual({ address: 'crew@example.com', goes: true, crew: true })
  })
})
