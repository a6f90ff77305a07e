'use client'
import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Offcanvas from 'react-bootstrap/Offcanvas'
import { useForm } from 'react-hook-form'
import { v7 as uuid } from 'uuid'
import { LEADS } from '@/core/scope/leads'
import { STAGES } from '@/core/scope/vocabulary'
import { newSelection } from '@/schemas/newSelection'
import { FormError } from '../shared/FormError'
import { Options } from '../shared/Options'
import { SelectField } from '../shared/SelectField'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'

/** Adds something to choose: what, where, how long it takes, and the stage that puts it in; its order day follows. */
export function AddSelection({
  siteId,
  places,
  show,
  onClose,
}: {
  readonly siteId: string
  readonly places: readonly { readonly id: string; readonly name: string }[]
  readonly show: boolean
  readonly onClose: () => void
}) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const { register, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(newSelection),
    defaultValues: { what: '', placeId: places[0]?.id ?? '', lead: 'stock-goods', neededFor: 'fixtures' },
  })
  const add = handleSubmit(async (value) => {
    const fact = { subject: 'selection', subjectId: uuid(), facet: 'laid', placeId: value.placeId, value }
    if ((await run(`/api/sites/${siteId}/facts`, { facts: [fact] })) === null) return
    reset()
    onClose()
    router.refresh()
  })
  const { what: wrong } = formState.errors
  return (
    <Offcanvas show={show} onHide={onClose} placement="end" aria-labelledby="add-selection">
      <Offcanvas.Header closeButton>
        <Offcanvas.Title as="h2" id="add-selection">
          Add a selection
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        <Form onSubmit={(event) => void add(event)} noValidate className="d-grid gap-3">
          <TextField id="add-what" label="What" autoFocus wrong={wrong?.message} {...register('what')} />
          <SelectField id="add-where" label="Where" {...register('placeId')}>
            {places.map((place) => (
              <option key={place.id} value={place.id}>
                {place.name}
              </option>
            ))}
          </SelectField>
          <SelectField id="add-lead" label="How long it takes" {...register('lead')}>
            {Object.entries(LEADS).map(([key, lead]) => (
              <option key={key} value={key}>
                {lead.words}, {lead.days[0]} to {lead.days[2]} days
              </option>
            ))}
          </SelectField>
          <SelectField id="add-stage" label="Needed for" {...register('neededFor')}>
            <Options of={STAGES} />
          </SelectField>
          <FormError error={error} />
          <Button type="submit" disabled={busy}>
            Add it
          </Button>
        </Form>
      </Offcanvas.Body>
    </Offcanvas>
  )
}
