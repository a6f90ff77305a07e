'use client'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import { shut } from '../shared/whoIsHere'

interface MySettingsProps {
  /** Where they read in the morning what concerns them, and whether mail goes out at all. */
  readonly morning: { readonly address: string; readonly goes: boolean; readonly crew: boolean }
  readonly person: { readonly name: string; readonly login: string }
  /** Where they are signed in, this device among them. */
  readonly sessions: readonly { readonly device: string; readonly seen: string }[]
}

/** Signing out, one's password, and where one is signed in. */
export function MySettings({ morning, person, sessions }: MySettingsProps) {
  return (
    <>
      <h1>{person.name}</h1>
      <SignOut />
      <section className="mb-4" aria-labelledby="where">
        <h2 id="where">Signed in</h2>
        <ul>
          {sessions.map(({ device, seen }, i) => (
            <li key={i}>
              {device}, last used {seen}
            </li>
          ))}
        </ul>
      </section>
      <Morning {...morning} />
      <Password login={person.login} />
    </>
  )
}

function SignOut() {
  const { busy, error, run } = useSend()
  const leave = async (everywhere: boolean): Promise<void> => {
    if ((await run('/api/sign-out', { everywhere })) === null) return
    // Nothing of the sites is left open for whoever signs in here next.
    await shut()
    window.location.assign('/sign-in')
  }
  return (
    <section className="mb-4">
      <FormError error={error} />
      <Button variant="quiet" disabled={busy} onClick={() => void leave(false)}>
        Sign out
      </Button>{' '}
      <Button variant="quiet" disabled={busy} onClick={() => void leave(true)}>
        Sign out everywhere
      </Button>
    </section>
  )
}

function Morning({ address, goes, crew }: MySettingsProps['morning']) {
  const { busy, error, run } = useSend()
  const [kept, setKept] = useState('')
  const keep = async (form: HTMLFormElement): Promise<void> => {
    setKept('')
    const body = Object.fromEntries(new FormData(form))
    if ((await run('/api/me/morning', body)) === null) return
    setKept(body.address === '' ? 'You get no morning mail any more.' : 'Kept. The next one comes at six.')
  }
  return (
    <section className="mb-4" aria-labelledby="morning">
      <h2 id="morning">Morning mail</h2>
      <p>
        {crew
          ? 'At six, on every day on which somebody works at your sites: your places, what can hurt there first.'
          : 'At six, on every day that is worked: what needs you, who is where, what to walk next.'}
      </p>
      {!goes && <p className="late">No mail server is set for this firm, so nothing can go out yet.</p>}
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void keep(event.currentTarget)
        }}
      >
        <Form.Group controlId="morning-address" className="mb-2">
          <Form.Label>Your mail address; empty for none</Form.Label>
          <Form.Control name="address" type="text" inputMode="email" autoComplete="email" defaultValue={address} />
        </Form.Group>
        <FormError error={error} />
        <p role="status">{kept}</p>
        <Button type="submit" variant="quiet" disabled={busy}>
          Keep
        </Button>
      </Form>
    </section>
  )
}

function Password({ login }: { login: string }) {
  const { busy, error, run } = useSend()
  const [changed, setChanged] = useState(false)
  const change = async (form: HTMLFormElement): Promise<void> => {
    setChanged(false)
    if ((await run('/api/me/password', Object.fromEntries(new FormData(form)))) === null) return
    form.reset()
    setChanged(true)
  }
  return (
    <section aria-labelledby="password">
      <h2 id="password">Password</h2>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void change(event.currentTarget)
        }}
      >
        <input type="hidden" name="login" value={login} autoComplete="username" readOnly />
        <Form.Group controlId="current" className="mb-2">
          <Form.Label>Present password</Form.Label>
          <Form.Control name="current" type="password" autoComplete="current-password" />
        </Form.Group>
        <Form.Group controlId="new" className="mb-2">
          <Form.Label>New password, at least 12 characters</Form.Label>
          <Form.Control name="password" type="password" autoComplete="new-password" />
        </Form.Group>
        <FormError error={error} />
        <p role="status">{changed && 'It is changed. You are signed out everywhere else.'}</p>
        <Button type="submit" variant="primary" disabled={busy}>
          Change password
        </Button>
      </Form>
    </section>
  )
}
