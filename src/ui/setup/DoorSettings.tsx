'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

export interface DoorSettingsProps {
  readonly address: string
  /** The address in use where none is set. */
  readonly otherwise: string
  readonly allowedHosts: readonly string[]
  /** How mail goes out. */
  readonly mail: string
  readonly mayChange: boolean
}

/** The address that links and mails carry, how mail goes out, and which hosts of the house's own network are read. */
export function DoorSettings({ address, otherwise, allowedHosts, mail, mayChange }: DoorSettingsProps) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [kept, setKept] = useState(false)
  const keep = async (form: FormData): Promise<void> => {
    const body = {
      address: form.get('address'),
      allowedHosts: String(form.get('hosts'))
        .split(/[,\s]+/)
        .filter(Boolean),
    }
    setKept((await run('/api/firm/doors', body)) !== null)
    router.refresh()
  }
  return (
    <>
      <h1>Messages and addresses</h1>
      <p>{mail}</p>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          void keep(new FormData(event.currentTarget))
        }}
      >
        <Form.Group controlId="address" className="mb-3">
          <Form.Label>Address that links and mails carry</Form.Label>
          <Form.Control name="address" defaultValue={address} placeholder={otherwise} disabled={!mayChange} />
          <Form.Text>
            As the people who get a link reach this server, like https://walks.example.com. Until one is set it is{' '}
            {otherwise}.
          </Form.Text>
        </Form.Group>
        <Form.Group controlId="hosts" className="mb-3">
          <Form.Label>Hosts in this house that calendars may be read from</Form.Label>
          <Form.Control name="hosts" defaultValue={allowedHosts.join(', ')} disabled={!mayChange} />
          <Form.Text>
            Calendars are read from the internet. Name a host of your own network here to allow it, like nas.local.
          </Form.Text>
        </Form.Group>
        <FormError error={error} />
        <p role="status">{kept && 'Kept.'}</p>
        {mayChange ? (
          <Button type="submit" variant="primary" disabled={busy}>
            Keep
          </Button>
        ) : (
          <p className="soft">Only the owner can change this.</p>
        )}
      </Form>
    </>
  )
}
