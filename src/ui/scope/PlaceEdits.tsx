import Form from 'react-bootstrap/Form'
import { useRouter } from 'next/navigation'
import { yupResolver } from '@hookform/resolvers/yup'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { useForm } from 'react-hook-form'
import { parseSize } from '@/core/measure/size'
import type { PlaceChange } from '@/core/walk/placeChanges'
import { treatmentsFor } from '@/core/scope/treatments'
import { sizeTyped } from '@/schemas/typed'
import { Fold } from '../shared/Fold'
import { FormError } from '../shared/FormError'
import type { SizedPlace } from '../shared/MovedWallFields'
import { PlaceChangeFields, placeChangeOf } from '../shared/PlaceChangeFields'
import { ReadForm } from '../shared/ReadForm'
import { TextField } from '../shared/TextField'
import { useSend } from '../shared/useSend'
import styles from './CellPanel.module.css'
import type { RecordFacts, RowView, ScopeProps } from './types'

/** A place's size, told again. */
export function Measure({
  site,
  row,
  open,
  record,
}: {
  readonly site: ScopeProps['site']
  readonly row: RowView
  readonly open: boolean
  readonly record: RecordFacts
}) {
  const { register, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(sizeTyped(site.units)),
    defaultValues: { size: '' },
  })
  const keep = handleSubmit(async ({ size }) => {
    const value = parseSize(size, site.units)
    const fact = { subject: 'place', subjectId: row.placeId, facet: 'measured', placeId: row.placeId, value }
    if (await record([fact], `${row.name}: ${size}. Quantities follow.`, [])) reset()
  })
  return (
    <Fold open={open} title="Measure again">
      <Form noValidate onSubmit={(event) => void keep(event)}>
        <TextField
          id="size-again"
          label="Size, length first"
          wrong={formState.errors.size?.message}
          {...register('size')}
        />
        <Button type="submit" variant="quiet" className="mt-2">
          Keep size
        </Button>
      </Form>
    </Fold>
  )
}

/** Renamed, split, merged, copied: rooms do not stay what they were. */
export function ChangePlace({
  site,
  row,
  places,
  open,
}: {
  readonly site: ScopeProps['site']
  readonly row: RowView
  readonly places: readonly SizedPlace[]
  readonly open: boolean
}) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ facts: number }>()
  const change = async (said: PlaceChange): Promise<boolean> => {
    const body = { placeId: row.placeId, ...said }
    if ((await run(`/api/sites/${site.id}/places/change`, body)) === null) return false
    router.refresh()
    return true
  }
  return (
    <Fold open={open} title="This place changes">
      <ReadForm className={styles.edits} read={placeChangeOf} onRead={change}>
        <PlaceChangeFields
          place={{ id: row.placeId, name: row.name, kind: row.kind, size: row.measured }}
          units={site.units}
          places={places}
          lines={row.cells.flatMap((cell) => cell.lines)}
        />
        <p className="soft mb-0">
          A whole flat or twin: <a href={`/sites/${site.id}/units`}>Units of the house</a>
        </p>
        <FormError error={error} />
        <Button type="submit" variant="quiet" disabled={busy}>
          Change it
        </Button>
      </ReadForm>
    </Fold>
  )
}

/** All that a treatment asks for, laid down at once. */
export function LayTreatment({
  siteId,
  row,
  asked,
}: {
  readonly siteId: string
  readonly row: RowView
  /** The treatment that is meant, by its id; '' where none is. */
  readonly asked: string
}) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ lines: number }>()
  const [treatment, setTreatment] = useState(asked)
  const lay = async (again = false): Promise<void> => {
    if ((await run(`/api/sites/${siteId}/treatments`, { placeId: row.placeId, treatment, again })) !== null) {
      setTreatment('')
      router.refresh()
    }
  }
  return (
    <Fold open={asked !== ''} title="Everything that a treatment takes">
      <Form.Label className="form-label" htmlFor="treatment-here">
        What happens here
      </Form.Label>
      <Form.Select
        id="treatment-here"

        value={treatment}
        onChange={(event) => setTreatment(event.target.value)}
      >
        <option value="">Choose…</option>
        {treatmentsFor(row.kind).map((one) => (
          <option key={one.id} value={one.id}>
            {one.title}
          </option>
        ))}
      </Form.Select>
      <FormError error={error} />
      <Button variant="quiet" className="mt-2" disabled={busy || treatment === ''} onClick={() => void lay()}>
        Add it all
      </Button>
      {error?.field === 'again' && (
        <Button variant="quiet" className="mt-2" disabled={busy} onClick={() => void lay(true)}>
          Add it again
        </Button>
      )}
    </Fold>
  )
}
