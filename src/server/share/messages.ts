import { v7 as uuid } from 'uuid'
import { simulatedMail, smtpMail, type MailTransport } from '../../devices/mail/mailTransport'
import { insertMessage, markSent, readMessages, readUnsentMessages, type Message } from '../../data/share'
import type { FirmFolder } from '../firmFolder'

/** The way mail goes out: a real server where `AFTERMIST_SMTP_URL` names one, else the simulated outbox. */
export const mailTransport = (): MailTransport =>
  process.env.AFTERMIST_SMTP_URL
    ? smtpMail(process.env.AFTERMIST_SMTP_URL, process.env.AFTERMIST_MAIL_FROM)
    : simulatedMail()

export function writeMessage(firm: FirmFolder, message: Omit<Message, 'id' | 'writtenAt' | 'sentAt'>): void {
  insertMessage(firm.db, { ...message, id: uuid(), writtenAt: firm.clock.now(), sentAt: null })
}

/** Sends what is waiting, oldest first; what fails stays in the outbox for the next time.
 * @returns sentences about what could not be sent */
export async function sendWaiting(firm: FirmFolder, transport: MailTransport = mailTransport()): Promise<string[]> {
  const failed: string[] = []
  for (const message of readUnsentMessages(firm.db)) {
    try {
      await transport.send({ to: message.address || message.recipient, subject: message.subject, text: message.body })
      markSent(firm.db, message.id, firm.clock.now())
    } catch (error) {
      failed.push(`${message.recipient}: ${error instanceof Error ? error.message : String(error)}`)
    }
  }
  return failed
}

export const outbox = (firm: FirmFolder) => ({
  simulated: mailTransport().simulated,
  messages: readMessages(firm.db, 100),
})
