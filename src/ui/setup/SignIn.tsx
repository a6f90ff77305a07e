'use client'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

const DEMO_ROLES = [
  { role: 'owner', words: 'Enter as the owner', sees: 'everything, with money' },
  { role: 'lead', words: 'Enter as a lead', sees: 'all sites, with money' },
  { role: 'crew', words: 'Enter as crew', sees: 'assigned sites, no money' },
] as const

/** Signing in; the demo lets anybody in by role and says that it is the demo. */
export function SignIn({ demo, firm }: { demo: boolean; firm: string }) {
  const { busy, error, run } = useSend()
  const enter = async (url: string, body: unknown): Promise<void> => {
    if ((await run(url, body)) !== null) window.location.assign('/today')
  }
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
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          const form = new FormData(event.currentTarget)
          void enter('/api/sign-in', { login: form.get('login'), password: form.get('password') })
        }}
      >
        <h2>Sign in</h2>
        <Form.Group controlId="login" className="mb-3">
          <Form.Label>Sign-in name</Form.Label>
          <Form.Control name="login" autoComplete="username" />
        </Form.Group>
        <Form.Group controlId="password" className="mb-3">
          <Form.Label>Password</Form.Label>
          <Form.Control name="password" type="password" autoComplete="current-password" />
        </Form.Group>
        <Button type="submit" variant={demo ? 'quiet' : 'primary'} disabled={busy}>
          Sign in
        </Button>
      </Form>
    </main>
  )
}

/** The first page of an empty folder: the firm and its owner. */
export function NewFirm() {
  const { busy, error, run } = useSend()
  return (
    <main className="page page-narrow">
      <h1>Start your firm</h1>
      <p>One firm lives in one folder on your own machine. You are its owner; add your people later.</p>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          const form = new FormData(event.currentTarget)
          void run('/api/firm', Object.fromEntries(form)).then((made) => {
            if (made !== null) window.location.assign('/sites/new')
          })
        }}
      >
        <Field name="firm" label="Firm" />
        <Field name="name" label="Your name" autoComplete="name" />
        <Field name="login" label="Sign-in name" autoComplete="username" />
        <Field name="password" label="Password, at least 12 characters" type="password" autoComplete="new-password" />
        <FormError error={error} />
        <Button type="submit" variant="primary" disabled={busy}>
          Start
        </Button>
      </Form>
    </main>
  )
}

function Field({
  name,
  label,
  type = 'text',
  autoComplete,
}: {
  name: string
  label: string
  type?: string
  autoComplete?: string
}) {
  return (
    <Form.Group controlId={`new-${name}`} className="mb-3">
      <Form.Label>{label}</Form.Label>
      <Form.Control name={name} type={type} autoComplete={autoComplete} />
    </Form.Group>
  )
}
