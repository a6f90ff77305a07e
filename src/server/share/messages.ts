import { v7 as uuid } from 'uuid'
import { simulatedMail, smtpMail, type MailTransport } from '../../devices/mail/mailTransport'
import { simulatedText, type TextTransport } from '../../devices/text/simulatedText'
import { channelOf, isQuiet, minutesToWait, textOf } from '../../core/share/outbox'
import { insertMessage, markFailed, markSent, readMessages, readUnsentMessages, type Message } from '../../data/share'
import type { Db } from '../../data/database'
import type { FirmFolder } from '../firmFolder'

/** The way mail goes out: a real server where `AFTERMIST_SMTP_URL` names one, else the simulated outbox. */
export const mailTransport = (): MailTransport =>
  process.env.AFTERMIST_SMTP_URL
    ? smtpMail(process.env.AFTERMIST_SMTP_URL, process.env.AFTERMIST_MAIL_FROM)
    : simulatedMail()

export function writeMessage(
  firm: FirmFolder,
  message: Pick<Message, 'siteId' | 'recipient' | 'address' | 'subject' | 'body'>,
): void {
  insertMessage(firm.db, { ...message, id: uuid(), writtenAt: firm.clock.now(), sentAt: null })
}

/** The pass through each outbox that is under way: the next begins when it has ended, so that nothing goes out twice. */
const passes = new WeakMap<Db, Promise<unknown>>()

/** Sends what is waiting, oldest first, outside quiet hours: mail, or a text message to who has only a number. What fails stays in the outbox and is tried again, later
 * each time.
 * @returns sentences about what could not be sent */
export function sendWaiting(
  firm: FirmFolder,
  mail: MailTransport = mailTransport(),
  text: TextTransport = simulatedText(),
): Promise<string[]> {
  const pass = (passes.get(firm.db) ?? Promise.resolve()).then(() => passThrough(firm, mail, text))
  passes.set(
    firm.db,
    pass.catch(() => undefined),
  )
  return pass
}

async function passThrough(firm: FirmFolder, mail: MailTransport, text: TextTransport): Promise<string[]> {
  if (isQuiet(firm.clock.hour())) return []
  const failed: string[] = []
  for (const message of readUnsentMessages(firm.db, firm.clock.now())) {
    try {
      await (channelOf(message.address) === 'text'
        ? text.send({ to: message.address, text: textOf(message.subject, message.body) })
        : mail.send({ to: message.address || message.recipient, subject: message.subject, text: message.body }))
      markSent(firm.db, message.id, firm.clock.now())
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error)
      const again = Date.parse(firm.clock.now()) + minutesToWait(message.attempts) * 60_000
      markFailed(firm.db, message.id, new Date(again).toISOString(), why)
      failed.push(`${message.recipient}: ${why}`)
    }
  }
  return failed
}

const SECONDS_BETWEEN = 60

/** Looks into the outbox now and then for as long as the server runs: what was left when it stopped, what failed, what
 * waited for the morning. */
export function startOutbox(firm: FirmFolder): void {
  const look = (): void => void sendWaiting(firm).catch(console.error)
  look()
  setInterval(look, SECONDS_BETWEEN * 1000).unref()
}

export const outbox = (firm: FirmFolder) => ({
  simulated: mailTransport().simulated,
  quiet: isQuiet(firm.clock.hour()),
  messages: readMessages(firm.db, 100).map((message) => ({ ...message, channel: channelOf(message.address) })),
})
