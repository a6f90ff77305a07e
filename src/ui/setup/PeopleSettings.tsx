'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import { LEAST_LETTERS, newPerson, passwordReset } from '@/schemas/people'
import { FormError } from '../shared/FormError'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import styles from './NewSite.module.css'

interface PersonView {
  readonly id: string
  readonly name: string
  readonly login: string
  readonly role: 'owner' | 'lead' | 'crew'
  readonly sites: readonly string[]
  readonly signedIn: readonly string[]
  readonly away: boolean
}
interface PeopleSettingsProps {
  readonly people: readonly PersonView[]
  readonly sites: readonly { readonly id: string; readonly name: string }[]
}

/** Who works here: what they see, where they are signed in, and how they are let in or out. */
export function PeopleSettings({ people, sites }: PeopleSettingsProps) {
  const here = people.filter(({ away }) => !away)
  const away = people.filter((one) => one.away)
  return (
    <>
      <h1>People</h1>
      {here.map((one) => (
        <Person key={one.id} person={one} sites={sites} />
      ))}
      <AddPerson />
      {away.length > 0 && (
        <section aria-labelledby="away">
          <h2 id="away">Put away</h2>
          <p className="soft">They cannot sign in. What they recorded stays.</p>
          <ul>
            {away.map((one) => (
              <li key={one.id}>
                {one.name}{' '}
                <Act path={`/api/people/${one.id}/away`} body={{ away: false }} words={`Bring ${one.name} back`} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}

/** A button that does one thing on the server and shows the page as it is then. */
function Act({ path, body = {}, words }: { path: string; body?: object; words: string }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const act = async (): Promise<void> => {
    if ((await run(path, body)) !== null) router.refresh()
  }
  return (
    <>
      <Button size="sm" variant="quiet" disabled={busy} onClick={() => void act()}>
        {words}
      </Button>
      <FormError error={error} />
    </>
  )
}

function Person({ person, sites }: { person: PersonView; sites: PeopleSettingsProps['sites'] }) {
  const { id, name, login, role, signedIn } = person
  return (
    <section className="mb-4" aria-labelledby={`person-${id}`}>
      <h2 id={`person-${id}`}>
        {name}{' '}
        <span className="soft fw-normal">
          ({role}, signs in as {login})
        </span>
      </h2>
      <p>{signedIn.length === 0 ? 'Not signed in anywhere.' : `Signed in: ${signedIn.join('; ')}.`}</p>
      {role === 'crew' && <Sees person={person} sites={sites} />}
      {role !== 'owner' && (
        <>
          <Reset person={person} />{' '}
          {signedIn.length > 0 && <Act path={`/api/people/${id}/sessions`} words={`Sign ${name} out everywhere`} />}{' '}
          <Act path={`/api/people/${id}/away`} body={{ away: true }} words={`Put ${name} away`} />
        </>
      )}
    </section>
  )
}

function Sees({ person, sites }: { person: PersonView; sites: PeopleSettingsProps['sites'] }) {
  const router = useRouter()
  const { error, run } = useSend()
  const assign = async (siteIds: readonly string[]): Promise<void> => {
    if ((await run(`/api/people/${person.id}/sites`, { siteIds })) !== null) router.refresh()
  }
  const seen = person.sites
  return (
    <fieldset className={styles.days}>
      <legend className="h3">Sees</legend>
      <div>
        {sites.map((site) => (
          <Form.Check
            key={site.id}
            id={`${person.id}-${site.id}`}
            label={site.name}
            checked={seen.includes(site.id)}
            onChange={() =>
              void assign(seen.includes(site.id) ? seen.filter((one) => one !== site.id) : [...seen, site.id])
            }
          />
        ))}
      </div>
      <FormError error={error} />
    </fieldset>
  )
}

function Reset({ person }: { person: PersonView }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [open, setOpen] = useState(false)
  const { register, handleSubmit, formState } = useForm({
    resolver: yupResolver(passwordReset),
    defaultValues: { password: '' },
  })
  const keep = handleSubmit(async (input) => {
    if ((await run(`/api/people/${person.id}/password`, input)) === null) return
    setOpen(false)
    router.refresh()
  })
  if (!open)
    return (
      <Button size="sm" variant="quiet" onClick={() => setOpen(true)}>
        Give {person.name} a new password
      </Button>
    )
  return (
    <Form onSubmit={(event) => void keep(event)} noValidate className="mb-2">
      <TextField
        id={`reset-${person.id}`}
        label={`A new password for ${person.name}, at least ${LEAST_LETTERS} characters; they are signed out everywhere`}
        type="password"
        autoComplete="new-password"
        autoFocus
        wrong={formState.errors.password?.message}
        {...register('password')}
      />
      <FormError error={error} />
      <Button size="sm" type="submit" variant="primary" disabled={busy} className="mt-2">
        Keep it
      </Button>{' '}
      <Button size="sm" variant="quiet" onClick={() => setOpen(false)} className="mt-2">
        Cancel
      </Button>
    </Form>
  )
}

function AddPerson() {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const { register, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(newPerson),
    defaultValues: { name: '', login: '', password: '', role: 'lead' as const },
  })
  const add = handleSubmit(async (input) => {
    if ((await run('/api/people', input)) === null) return
    reset()
    router.refresh()
  })
  const wrong = formState.errors
  return (
    <section className="mb-4" aria-labelledby="new-person">
      <h2 id="new-person">Somebody new</h2>
      <Form onSubmit={(event) => void add(event)} noValidate>
        <div className={styles.house}>
          <TextField id="person-name" label="Name" wrong={wrong.name?.message} {...register('name')} />
          <TextField id="person-login" label="Sign-in name" wrong={wrong.login?.message} {...register('login')} />
          <TextField
            id="person-password"
            label={`Password, at least ${LEAST_LETTERS} characters`}
            type="password"
            autoComplete="new-password"
            wrong={wrong.password?.message}
            {...register('password')}
          />
          <SelectField id="person-role" label="Role" {...register('role')}>
            <option value="lead">lead: all sites, money</option>
            <option value="crew">crew: assigned sites, no money</option>
          </SelectField>
        </div>
        <FormError error={error} />
        <Button type="submit" variant="primary" disabled={busy}>
          Add person
        </Button>
      </Form>
    </section>
  )
}
