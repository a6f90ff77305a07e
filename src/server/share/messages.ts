import { v7 as uuid } from 'uuid'
import { simulatedMail, smtpMail, type MailTransport } from '../../devices/mail/mailTransport'
import { simulatedText, type TextTransport } from '../../devices/text/simulatedText'
import { channelOf, isQuiet, minutesToWait, textOf } from '../../core/share/outbox'
import { readFirm } from '../../data/firm'
import {
  insertMessage,
  markDropped,
  markFailed,
  markSent,
  readMessages,
  readUnsentMessages,
  type Message,
} from '../../data/share'
import type { Db } from '../../data/database'
import type { FirmFolder } from '../firmFolder'
import { withLinks } from './links'

/** The way mail goes out: a real server where `AFTERMIST_SMTP_URL` names one, else the simulated outbox. */
export const mailTransport = (): MailTransport =>
  process.env.AFTERMIST_SMTP_URL
    ? smtpMail(process.env.AFTERMIST_SMTP_URL, process.env.AFTERMIST_MAIL_FROM)
    : simulatedMail()

export function writeMessage(
  firm: FirmFolder,
  message: Pick<Message, 'siteId' | 'recipient' | 'address' | 'subject' | 'body'>,
  early = false,
): void {
  insertMessage(firm.db, { ...message, early, id: uuid(), writtenAt: firm.clock.now(), sentAt: null })
}

/** The pass through each outbox that is under way: the next begins when it has ended, so that nothing goes out twice. */
const passes = new WeakMap<Db, Promise<unknown>>()

/** Sends what is waiting, oldest first, outside quiet hours: mail, or a text message to who has only a number. What fails stays
 * in the outbox and is tried again, later each time, under the name it had: who gets it twice can tell. Where only the
 * stand-ins are there a real firm's messages stay unsent: nothing pretends to have gone.
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

/** Starts sending without waiting for it: a slow mail server holds nobody up. */
export const startSending = (firm: FirmFolder): void =>
  void sendWaiting(firm).catch((error: unknown) => {
    // A firm that was closed meanwhile goes on with its outbox when it is opened again.
    if (firm.db.open) console.error(error)
  })

const mayGo = (firm: Pick<FirmFolder, 'db'>, { simulated }: { readonly simulated: boolean }): boolean =>
  !simulated || readFirm(firm.db)?.demo === true

async function passThrough(firm: FirmFolder, mail: MailTransport, text: TextTransport): Promise<string[]> {
  if (!firm.db.open) return []
  const hour = firm.clock.hour()
  const failed: string[] = []
  for (const message of readUnsentMessages(firm.db, firm.clock.now())) {
    if (isQuiet(hour, message.early)) continue
    const byText = channelOf(message.address) === 'text'
    if (!mayGo(firm, byText ? text : mail)) continue
    const body = withLinks(firm, message.body)
    if (body === null) {
      markDropped(firm.db, message.id, firm.clock.now(), 'Its link was withdrawn before it went.')
      continue
    }
    try {
      await (byText
        ? text.send({ to: message.address, text: textOf(message.subject, body) })
        : mail.send({
            to: message.address || message.recipient,
            subject: message.subject,
            text: body,
            messageId: `<${message.id}@aftermist>`,
          }))
      if (!firm.db.open) return failed
      markSent(firm.db, message.id, firm.clock.now())
    } catch (error) {
      if (!firm.db.open) return failed
      const why = error instanceof Error ? error.message : String(error)
      const again = Date.parse(firm.clock.now()) + minutesToWait(message.attempts) * 60_000
      markFailed(firm.db, message.id, new Date(again).toISOString(), why)
      failed.push(`${message.recipient}: ${why}`)
    }
  }
  return failed
}

/** Whether mail that is written would go: with a server for it, or in the demo. */
export const mailGoes = (firm: FirmFolder): boolean => mayGo(firm, mailTransport())

/** What was written lately, as it went or will go. */
export const outbox = (firm: FirmFolder) => ({
  simulated: mailTransport().simulated,
  demo: readFirm(firm.db)?.demo ?? false,
  quiet: isQuiet(firm.clock.hour()),
  messages: readMessages(firm.db, 100).map((message) => ({
    ...message,
    body: withLinks(firm, message.body) ?? message.body.replace(/\{link:[^}]*\}/g, '(its link was withdrawn)'),
    channel: channelOf(message.address),
    /** Nothing here can carry it: somebody has to say it themselves. */
    waitsForUs:
      message.sentAt === null &&
      message.droppedAt === null &&
      !mayGo(firm, channelOf(message.address) === 'text' ? simulatedText() : mailTransport()),
  })),
})
