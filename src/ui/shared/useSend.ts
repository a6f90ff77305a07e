'use client'
import { useCallback, useState } from 'react'

export interface SendError {
  readonly message: string
  readonly field?: string
}

type Answer<T> = { readonly ok: true; readonly data: T } | { readonly ok: false; readonly error: SendError }

/** Sends a write to the server, a file as its bytes. A refusal comes back as its sentence and field; a dead network as one too. */
export async function send<T = unknown>(url: string, body: unknown = {}): Promise<Answer<T>> {
  let response: Response
  try {
    response = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': body instanceof Blob ? body.type : 'application/json' },
      body: body instanceof Blob ? body : JSON.stringify(body),
    })
  } catch {
    return { ok: false, error: { message: 'No network. What you typed is still here; try again when there is one.' } }
  }
  const answer = (await response.json().catch(() => ({}))) as { error?: SendError }
  if (response.ok) return { ok: true, data: answer as T }
  return {
    ok: false,
    error: answer.error ?? { message: 'The server gave no clear answer. Nothing was saved; try again.' },
  }
}

/** A write with its busy state and its error, for a form or a button. */
export function useSend<T = unknown>() {
  const [busy, setBusy] = useState(false)
  const [error, setError] = useState<SendError | null>(null)
  const run = useCallback(async (url: string, body: unknown = {}): Promise<T | null> => {
    setBusy(true)
    setError(null)
    const answer = await send<T>(url, body)
    setBusy(false)
    if (answer.ok) return answer.data
    setError(answer.error)
    return null
  }, [])
  return { busy, error, run, clearError: () => setError(null) }
}
