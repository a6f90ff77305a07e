import type { AddressInfo } from 'node:net'
import { SMTPServer } from 'smtp-server'
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from 'vitest'
import { simulatedMail, smtpMail, type MailTransport } from '../../src/devices/mail/mailTransport'
import { simulatedText } from '../../src/devices/text/simulatedText'
import { insertFirm } from '../../src/data/firm'
import { openFirmFolder, type FirmFolder } from '../../src/server/firmFolder'
import { outbox, sendWaiting, startSending, writeMessage } from '../../src/server/share/messages'
import { closed, emptyFolder, TODAY } from '../fixtures/folder'
import { messagesOf } from '../fixtures/messages'

const received: string[] = []
let refusing = false
const server = new SMTPServer({
  authOptional: true,
  disabledCommands: ['STARTTLS'],
  onRcptTo: (_address, _session, done) => done(refusing ? new Error('mailbox full') : null),
  onData(stream, _session, done) {
    let text = ''
    stream.on('data', (chunk: Buffer) => (text += chunk.toString()))
    stream.on('end', () => {
      received.push(text)
      done()
    })
  },
})
let url = ''
let firm: FirmFolder
beforeAll(async () => {
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready))
  url = `smtp://127.0.0.1:${(server.server.address() as AddressInfo).port}`
})
afterAll(() => new Promise<void>((done) => server.close(done)))
beforeEach(async () => {
  firm = await openFirmFolder(emptyFolder(), TODAY)
  insertFirm(firm.db, { name: 'Demo', demo: true, key: 'k' }, firm.clock.now())
})
afterEach(() => closed(firm))

const write = (subject: string) =>
  writeMessage(firm, {
    siteId: null,
    recipient: 'Sedgeley plumbing',
    address: 'water@trades.example.com',
    subject,
    body: 'Pipes, kitchen: Thu 12 Mar',
  })

describe.each<[string, () => MailTransport]>([
  ['simulated', simulatedMail],
  ['a real mail server', () => smtpMail(url)],
])('mail by %s', (_name, transport) => {
  test('sends what is waiting, oldest first, once', async () => {
    write('first')
    write('second')
    expect(await sendWaiting(firm, transport())).toEqual([])
    expect(messagesOf(firm, 10).every((one) => one.sentAt !== null)).toBe(true)
    expect(await sendWaiting(firm, transport())).toEqual([])
  })
})

test('a real server really gets it', async () => {
  received.length = 0
  write('Pipes on Thursday')
  await sendWaiting(firm, smtpMail(url))
  expect(received).toHaveLength(1)
  expect(received[0]).toContain('Subject: Pipes on Thursday')
  expect(received[0]).toContain('water@trades.example.com')
})

test('who has only a telephone is sent a text message, a short one, and no mail', async () => {
  received.length = 0
  const texts: { to: string; text: string }[] = []
  writeMessage(firm, {
    siteId: null,
    recipient: 'Sedgeley plumbing',
    address: '555 0107',
    subject: 'Pipes: Thu 12 Mar',
    body: 'Pipes, kitchen\nThu 12 Mar\n\nWhere, how much:\nhttp://localhost/for/trade/abc\n',
  })
  const telephone = {
    simulated: true,
    send: (message: (typeof texts)[number]) => Promise.resolve(void texts.push(message)),
  }
  expect(await sendWaiting(firm, smtpMail(url), telephone)).toEqual([])
  expect(received).toEqual([])
  expect(texts).toEqual([{ to: '555 0107', text: 'Pipes: Thu 12 Mar\nhttp://localhost/for/trade/abc' }])
  expect(outbox(firm).messages[0]).toMatchObject({ channel: 'text', sentAt: expect.any(String) })
})
test('the stand-in for text messages refuses what a telephone could not get', async () => {
  await expect(simulatedText().send({ to: '12', text: 'x' })).rejects.toThrow('no telephone number')
  await expect(simulatedText().send({ to: '555 0107', text: 'x'.repeat(500) })).rejects.toThrow('Too long')
  await expect(simulatedText().send({ to: '555 0107', text: 'x' })).resolves.toBeUndefined()
})

/** The firm some minutes on, and at another hour. */
const later = (minutes: number, hour = 12): FirmFolder => {
  const now = new Date(Date.parse(firm.clock.now()) + minutes * 60_000).toISOString()
  return { ...firm, clock: { ...firm.clock, now: () => now, hour: () => hour } }
}
const last = () => messagesOf(firm, 1)[0]!

test('what a server refuses stays in the outbox with the reason, and is tried again, later each time', async () => {
  write('later')
  refusing = true
  expect((await sendWaiting(firm, smtpMail(url)))[0]).toContain('Sedgeley plumbing: ')
  expect(last()).toMatchObject({ sentAt: null, attempts: 1 })
  expect(last().error).toContain('mailbox full')
  expect(await sendWaiting(firm, smtpMail(url))).toEqual([])
  expect(last().attempts).toBe(1)
  await sendWaiting(later(2), smtpMail(url))
  expect(last().attempts).toBe(2)
  refusing = false
  expect(await sendWaiting(later(6), smtpMail(url))).toEqual([])
  expect(last()).toMatchObject({ error: '', retryAt: null })
  expect(last().sentAt).not.toBeNull()
})

test('two who send at once send each message once', async () => {
  write('first')
  write('second')
  received.length = 0
  await Promise.all([sendWaiting(firm, smtpMail(url)), sendWaiting(firm, smtpMail(url))])
  expect(received).toHaveLength(2)
})

test('nobody is written to at night; in the morning it goes', async () => {
  write('late in the evening')
  await sendWaiting(later(0, 21), simulatedMail())
  expect(last()).toMatchObject({ sentAt: null, attempts: 0 })
  await sendWaiting(later(0, 7), simulatedMail())
  expect(last().sentAt).not.toBeNull()
})

test('what was waiting when the server stopped goes when the folder is opened again', async () => {
  write('before the stop')
  const again = await openFirmFolder(firm.path, TODAY)
  await sendWaiting(again, simulatedMail())
  again.db.close()
  expect(last().sentAt).not.toBeNull()
})

test('a real firm’s mail is not said to have gone where nothing can carry it', async () => {
  firm.db.prepare('UPDATE firm SET demo = 0').run()
  write('Pipes on Thursday')
  await sendWaiting(firm, simulatedMail())
  expect(last()).toMatchObject({ sentAt: null, attempts: 0 })
  expect(outbox(firm).messages[0]).toMatchObject({ waitsForUs: true })
  await sendWaiting(firm, smtpMail(url))
  expect(last().sentAt).not.toBeNull()
})

test('a mail that is tried again keeps its name, so that one that came twice is known as one', async () => {
  write('Pipes on Thursday')
  received.length = 0
  refusing = true
  await sendWaiting(firm, smtpMail(url))
  refusing = false
  await sendWaiting(later(2), smtpMail(url))
  expect(received[0]).toContain(`Message-ID: <${last().id}@aftermist>`)
})

test('a slow mail server holds nobody up', async () => {
  write('slow')
  let answer = (): void => undefined
  const slow: MailTransport = { simulated: false, send: () => new Promise((done) => (answer = done)) }
  const sending = sendWaiting(firm, slow)
  startSending(firm)
  expect(last().sentAt).toBeNull()
  await new Promise((done) => setTimeout(done, 0))
  answer()
  await sending
})
