'use client'
import Button from 'react-bootstrap/Button'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import styles from './PlanAgain.module.css'

type Message = { readonly done: number } | { readonly planned: true } | { readonly error: string }

/** Plans all sites again in a worker, with its progress and a way to stop it. */
export function PlanAgain({
  label = 'Plan again',
  about,
  goal,
  quiet = false,
  onPlanned,
}: {
  label?: string
  /** What the label leaves out, for who hears it alone. */
  about?: string
  /** What plans are made for from then on; as it is where nothing is said. */
  goal?: string
  quiet?: boolean
  onPlanned?: () => void
}) {
  const router = useRouter()
  const stop = useRef<AbortController | null>(null)
  const [done, setDone] = useState<number | null>(null)
  const [error, setError] = useState<string | null>(null)

  const plan = async (): Promise<void> => {
    stop.current = new AbortController()
    setError(null)
    setDone(0)
    try {
      const response = await fetch('/api/plan', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(goal ? { goal } : {}),
        signal: stop.current.signal,
      })
      if (!response.ok || !response.body)
        throw new Error(((await response.json()) as { error: { message: string } }).error.message)
      for await (const message of lines(response.body)) {
        if ('done' in message) setDone(message.done)
        if ('error' in message) throw new Error(message.error)
      }
      router.refresh()
      onPlanned?.()
    } catch (failure) {
      setError(
        stop.current.signal.aborted
          ? 'Stopped. The old plan stands.'
          : failure instanceof Error
            ? failure.message
            : 'The plan failed.',
      )
    } finally {
      setDone(null)
    }
  }

  return (
    <span className={styles.again}>
      {done === null ? (
        <Button
          bsPrefix="tap"
          className={`btn ${quiet ? 'btn-sm btn-quiet' : 'btn-primary'}`}
          onClick={() => void plan()}
        >
          {label}
          {about && <span className="visually-hidden">: {about}</span>}
        </Button>
      ) : (
        <>
          <progress value={done} max={1} aria-label="Planning" />
          <Button variant="quiet" onClick={() => stop.current?.abort()}>
            Stop
          </Button>
        </>
      )}
      <span aria-live="polite">{error && <span className="late">{error}</span>}</span>
    </span>
  )
}

async function* lines(body: ReadableStream<Uint8Array>): AsyncGenerator<Message> {
  const reader = body.pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>).getReader()
  let rest = ''
  for (;;) {
    const { value, done } = await reader.read()
    if (done) return
    const parts = (rest + value).split('\n')
    rest = parts.pop()!
    for (const part of parts) yield JSON.parse(part) as Message
  }
}
