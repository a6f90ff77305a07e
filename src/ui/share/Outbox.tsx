import { QUIET_UNTIL } from '@/core/share/outbox'
import { Fold } from '../shared/Fold'
import styles from './ShareDesk.module.css'

export interface OutboxProps {
  readonly simulated: boolean
  readonly demo: boolean
  /** Whether nobody is written to at this hour. */
  readonly quiet: boolean
  readonly messages: readonly {
    readonly id: string
    readonly recipient: string
    readonly address: string
    readonly subject: string
    readonly body: string
    readonly writtenAt: string
    readonly sentAt: string | null
    /** It will not go any more; `error` says why. */
    readonly droppedAt: string | null
    /** Nothing here can carry it: somebody has to pass it on. */
    readonly waitsForUs: boolean
    readonly attempts: number
    readonly error: string
    readonly channel: 'mail' | 'text'
  }[]
}

type Written = OutboxProps['messages'][number]

function stateOf({ sentAt, droppedAt, waitsForUs, attempts }: Written): string {
  if (sentAt) return 'sent'
  if (droppedAt) return 'not sent'
  if (waitsForUs) return 'waits for you: call, or pass its words on'
  return attempts > 0 ? 'could not be sent, tried again' : 'waiting to be sent'
}

/** What went out. In the demo nothing really leaves; a real firm is told what it has to pass on itself. */
export function Outbox({ simulated, demo, quiet, messages }: OutboxProps) {
  const waiting = messages.filter((message) => message.waitsForUs).length
  return (
    <section aria-labelledby="outbox">
      <h2 id="outbox">Outbox</h2>
      {simulated && demo && (
        <p className="notice">
          Simulated: messages are kept here and go nowhere. Set a mail server to send them for real.
        </p>
      )}
      {waiting > 0 && (
        <p className="notice">
          {waiting === 1 ? 'One message waits' : `${waiting} messages wait`} for you: nothing here can send{' '}
          {waiting === 1 ? 'it' : 'them'}
          {simulated ? ' until a mail server is set' : ''}.
        </p>
      )}
      {quiet && <p>Quiet hours: what is written now goes out at {QUIET_UNTIL}:00.</p>}
      {messages.length === 0 && <p>Nothing was sent yet.</p>}
      {messages.map((message) => (
        <Fold
          key={message.id}
          className={styles.message}
          title={
            <>
              <strong>{message.recipient}</strong>: {message.subject} <span className="soft">{stateOf(message)}</span>
            </>
          }
        >
          <p className="soft">
            To {message.address || 'no address on record'}
            {message.channel === 'text' && ', as a text message'}
            {message.channel === 'text' &&
              demo &&
              '. Simulated: no telephone gets it, so call them or pass the link on'}
            {'.'}
          </p>
          {message.error && <p className="late">{message.error}</p>}
          <pre>{message.body}</pre>
        </Fold>
      ))}
    </section>
  )
}
