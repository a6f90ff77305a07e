'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useEffect } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { DAY_FORMS, habitsOf } from '@/core/habits/habits'
import { LEAST_LETTERS, credentials, newFirm } from '@/schemas/people'
import { Fold } from '../shared/Fold'
import { FormError } from '../shared/FormError'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import { HabitFields } from './FirmSettings'

const DEMO_ROLES = [
  { role: 'owner', words: 'Enter as the owner', sees: 'everything, with money' },
  { role: 'lead', words: 'Enter as a lead', sees: 'all sites, with money' },
  { role: 'crew', words: 'Enter as crew', sees: 'assigned sites, no money' },
] as const

/** Signing in; the demo lets anybody in by role and says that it is the demo. */
export function SignIn({ demo, firm }: { demo: boolean; firm: string }) {
  const { busy, error, run } = useSend()
  const { register, handleSubmit, formState } = useForm({
    resolver: yupResolver(credentials),
    defaultValues: { login: '', password: '' },
  })
  const { login, password } = formState.errors
  const enter = async (url: string, body: unknown): Promise<void> => {
    if ((await run(url, body)) !== null) window.location.assign('/today')
  }
  const signIn = handleSubmit((input) => enter('/api/sign-in', input))
  return (
    <main className="page page-narrow">
      <h1>{firm}</h1>
      <FormError error={error} />
      {demo && (
        <section className="notice">
          <p>This is the demo. Every name and figure in it is made up, and nothing you do here reaches anybody.</p>
          <div className="d-grid gap-2">
            {DEMO_ROLES.map(({ role, words, sees }) => (
              <Button
                key={role}
                variant={role === 'owner' ? 'primary' : 'quiet'}
                disabled={busy}
                onClick={() => void enter('/api/sign-in/demo', { role })}
              >
                {words}: {sees}
              </Button>
            ))}
          </div>
        </section>
      )}
      <Form onSubmit={(event) => void signIn(event)} noValidate className="d-grid gap-3">
        <h2>Sign in</h2>
        <TextField
          id="login"
          label="Sign-in name"
          autoComplete="username"
          wrong={login?.message}
          {...register('login')}
        />
        <TextField
          id="password"
          label="Password"
          type="password"
          autoComplete="current-password"
          wrong={password?.message}
          {...register('password')}
        />
        <div>
          <Button type="submit" variant={demo ? 'quiet' : 'primary'} disabled={busy}>
            Sign in
          </Button>
        </div>
      </Form>
    </main>
  )
}

const NOBODY = { firm: '', name: '', login: '', password: '', timeZone: '', ...habitsOf('en-GB') }

/** The first page of an empty folder: the firm and its owner. Its habits are guessed from the browser's language. */
export function NewFirm() {
  const { busy, error, run } = useSend()
  const { register, handleSubmit, setValue, control, formState } = useForm({
    resolver: yupResolver(newFirm),
    defaultValues: NOBODY,
  })
  useEffect(() => {
    const { units, currency, dayForm, weekStart } = habitsOf(navigator.language)
    setValue('units', units)
    setValue('currency', currency)
    setValue('dayForm', dayForm)
    setValue('weekStart', weekStart)
    setValue('timeZone', Intl.DateTimeFormat().resolvedOptions().timeZone)
  }, [setValue])
  const start = handleSubmit(async (input) => {
    if ((await run('/api/firm', input)) !== null) window.location.assign('/sites/new')
  })
  const wrong = formState.errors
  const [units, currency, dayForm] = useWatch({ control, name: ['units', 'currency', 'dayForm'] })
  return (
    <main className="page page-narrow">
      <h1>Start your firm</h1>
      <p>One firm lives in one folder on your own machine. You are its owner; add your people later.</p>
      <Form onSubmit={(event) => void start(event)} className="d-grid gap-3">
        <TextField id="new-firm" label="Firm" wrong={wrong.firm?.message} {...register('firm')} />
        <TextField
          id="new-name"
          label="Your name"
          wrong={wrong.name?.message}
          {...register('name')}
          autoComplete="name"
        />
        <TextField
          id="new-login"
          label="Sign-in name"
          wrong={wrong.login?.message}
          {...register('login')}
          autoComplete="username"
        />
        <TextField
          id="new-password"
          label={`Password, at least ${LEAST_LETTERS} characters`}
          type="password"
          wrong={wrong.password?.message}
          {...register('password')}
          autoComplete="new-password"
        />
        <Fold
          title={
            <>
              You measure in {units === 'metric' ? 'metres' : 'feet and inches'}, count in {currency} and write{' '}
              {DAY_FORMS[dayForm]}.
            </>
          }
        >
          <div className="d-grid gap-3 mt-2">
            <HabitFields register={register} wrong={wrong} />
          </div>
        </Fold>
        <FormError error={error} />
        <div>
          <Button type="submit" variant="primary" disabled={busy}>
            Start
          </Button>
        </div>
      </Form>
    </main>
  )
}
