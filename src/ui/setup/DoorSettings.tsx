'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm, type Resolver } from 'react-hook-form'
import { doors } from '@/schemas/doors'
import { FormError } from '../shared/FormError'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import { wrongWith } from '../shared/wrongWith'

export interface DoorSettingsProps {
  readonly address: string
  /** The address in use where none is set. */
  readonly otherwise: string
  readonly allowedHosts: readonly string[]
  /** How mail goes out. */
  readonly mail: string
  readonly mayChange: boolean
}

/** As it is typed: the schema makes a list of the hosts. */
interface DoorForm {
  readonly address: string
  readonly allowedHosts: string
}

/** The address that links and mails carry, how mail goes out, and which hosts of the house's own network are read. */
export function DoorSettings({ address, otherwise, allowedHosts, mail, mayChange }: DoorSettingsProps) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [kept, setKept] = useState(false)
  const { register, handleSubmit, formState } = useForm<DoorForm>({
    resolver: yupResolver(doors) as unknown as Resolver<DoorForm>,
    defaultValues: { address, allowedHosts: allowedHosts.join(', ') },
  })
  const wrong = formState.errors
  const keep = handleSubmit(async (input) => {
    setKept((await run('/api/firm/doors', input)) !== null)
    router.refresh()
  })
  return (
    <>
      <h1>Messages and addresses</h1>
      <p>{mail}</p>
      <Form onSubmit={(event) => void keep(event)} noValidate className="d-grid gap-3">
        <TextField
          id="address"
          label="Address that links and mails carry"
          hint={`As the people who get a link reach this server, like https://walks.example.com. Until one is set it is ${otherwise}.`}
          placeholder={otherwise}
          disabled={!mayChange}
          wrong={wrong.address?.message}
          {...register('address')}
        />
        <TextField
          id="hosts"
          label="Hosts in this house that calendars may be read from"
          hint="Calendars are read from the internet. Name a host of your own network here to allow it, like nas.local."
          disabled={!mayChange}
          wrong={wrongWith(wrong.allowedHosts)}
          {...register('allowedHosts')}
        />
        <FormError error={error} />
        {mayChange ? (
          <div className="d-flex gap-3 align-items-center">
            <Button type="submit" variant="primary" disabled={busy}>
              Keep
            </Button>
            <span role="status">{kept && 'Kept.'}</span>
          </div>
        ) : (
          <p className="soft">Only the owner can change this.</p>
        )}
      </Form>
    </>
  )
}
