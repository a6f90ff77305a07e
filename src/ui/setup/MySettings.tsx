'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { LEAST_LETTERS, morning as morningSchema, passwordChange } from '@/schemas/people'
import { FormError } from '../shared/FormError'
import { TextField } from '../shared/TextField'
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
  const { register, handleSubmit, formState } = useForm({
    resolver: yupResolver(morningSchema),
    defaultValues: { address },
  })
  const keep = handleSubmit(async (input) => {
    setKept('')
    if ((await run('/api/me/morning', input)) === null) return
    setKept(input.address === '' ? 'You get no morning mail any more.' : 'Kept. The next one comes at six.')
  })
  return (
    <section className="mb-4" aria-labelledby="morning">
      <h2 id="morning">Morning mail</h2>
      <p>
        {crew
          ? 'At six, on every day on which somebody works at your sites: your places, what can hurt there first.'
          : 'At six, on every day that is worked: what needs you, who is where, what to walk next.'}
      </p>
      {!goes && <p className="late">No mail server is set for this firm, so nothing can go out yet.</p>}
      <Form onSubmit={(event) => void keep(event)} noValidate>
        <TextField
          id="morning-address"
          label="Your mail address; empty for none"
          inputMode="email"
          autoComplete="email"
          wrong={formState.errors.address?.message}
          {...register('address')}
        />
        <FormError error={error} />
        <p role="status">{kept}</p>
        <Button type="submit" variant="quiet" disabled={busy} className="mt-2">
          Keep
        </Button>
      </Form>
    </section>
  )
}

function Password({ login }: { login: string }) {
  const { busy, error, run } = useSend()
  const [changed, setChanged] = useState(false)
  const { register, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(passwordChange),
    defaultValues: { current: '', password: '' },
  })
  const change = handleSubmit(async (input) => {
    setChanged(false)
    if ((await run('/api/me/password', input)) === null) return
    reset()
    setChanged(true)
  })
  const wrong = formState.errors
  return (
    <section aria-labelledby="password">
      <h2 id="password">Password</h2>
      <Form onSubmit={(event) => void change(event)} noValidate className="d-grid gap-2">
        {/* For what keeps passwords: whose it is. */}
        <Form.Control type="hidden" name="login" value={login} autoComplete="username" readOnly />
        <TextField
          id="current"
          label="Present password"
          type="password"
          autoComplete="current-password"
          wrong={wrong.current?.message}
          {...register('current')}
        />
        <TextField
          id="new"
          label={`New password, at least ${LEAST_LETTERS} characters`}
          type="password"
          autoComplete="new-password"
          wrong={wrong.password?.message}
          {...register('password')}
        />
        <FormError error={error} />
        <p role="status" className="mb-0">
          {changed && 'It is changed. You are signed out everywhere else.'}
        </p>
        <div>
          <Button type="submit" variant="primary" disabled={busy}>
            Change password
          </Button>
        </div>
      </Form>
    </section>
  )
}
