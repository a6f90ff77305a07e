import Form from 'react-bootstrap/Form'
import Button from 'react-bootstrap/Button'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { daysWords } from '@/core/calendar/day'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'

/** The calendar that a crew keeps itself: its busy days are kept free of visits. */
export function BusyTimes({
  crew,
}: {
  readonly crew: { readonly id: string; readonly busy: readonly object[]; readonly busyAddress: string }
}) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ days: number }>()
  const [said, setSaid] = useState('')
  const [address, setAddress] = useState(crew.busyAddress)
  const read = async (body: object): Promise<void> => {
    setSaid('')
    const answer = await run('/api/crews/busy', { crewId: crew.id, ...body })
    if (!answer) return
    setSaid(
      `${answer.days === 0 ? 'No busy days' : `${daysWords(answer.days)} taken`} in the next year. Plan again to use it.`,
    )
    router.refresh()
  }
  return (
    <fieldset className="my-3">
      <legend className="fs-6">Their own calendar</legend>
      <p className="soft mb-1">
        {crew.busy.length === 0 ? 'No busy days were read.' : `${daysWords(crew.busy.length / 2)} taken elsewhere.`}{' '}
        Reading it again replaces them.
      </p>
      <Form.Label className="d-block">
        An iCalendar file
        <Form.Control
          type="file"
          accept=".ics,text/calendar"

          disabled={busy}
          onChange={(event) => {
            const file = (event.target as HTMLInputElement).files?.[0]
            if (file) void file.text().then((text) => read({ text }))
          }}
        />
      </Form.Label>
      <Form.Label className="d-block mt-2">
        Or its address
        <Form.Control
          type="url"

          value={address}
          onChange={(event) => setAddress(event.target.value)}
        />
      </Form.Label>
      <Button variant="quiet" className="mt-2" disabled={busy} onClick={() => void read({ address })}>
        Read the address
      </Button>
      <FormError error={error} />
      <p aria-live="polite">{said}</p>
    </fieldset>
  )
}
