'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { v7 as uuid } from 'uuid'
import { LEADS, type LeadKey } from '@/core/scope/leads'
import { STAGES } from '@/core/scope/vocabulary'
import { FormError } from '../shared/FormError'
import { useSend } from '../shared/useSend'
import { Options } from '../shared/Options'
import styles from './SelectionsTable.module.css'

/** Adds something to choose: what, where, how long it takes, and the stage that puts it in. */
export function AddSelection({
  siteId,
  places,
  sort,
}: {
  siteId: string
  /** What is meant to be added: its form stands open. */
  sort: string | null
  places: readonly { readonly id: string; readonly name: string }[]
}) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const [what, setWhat] = useState('')
  const add = async (form: FormData): Promise<void> => {
    const placeId = String(form.get('place'))
    const value = { placeId, what, lead: form.get('lead') as LeadKey, neededFor: form.get('stage') }
    const saved = await run(`/api/sites/${siteId}/facts`, {
      facts: [{ subject: 'selection', subjectId: uuid(), facet: 'laid', placeId, value }],
    })
    if (saved === null) return
    setWhat('')
    router.refresh()
  }
  return (
    <details open={sort !== null}>
      <summary>Add a selection</summary>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          void add(new FormData(event.currentTarget))
        }}
      >
        <label>
          What
          <input className="form-control" name="what" value={what} onChange={(event) => setWhat(event.target.value)} />
        </label>
        <label>
          Where
          <select className="form-select" name="place">
            {places.map((place) => (
              <option key={place.id} value={place.id}>
                {place.name}
              </option>
            ))}
          </select>
        </label>
        <label>
          How long it takes
          <select className="form-select" name="lead">
            {Object.entries(LEADS).map(([key, lead]) => (
              <option key={key} value={key}>
                {lead.words}, {lead.days[0]} to {lead.days[2]} days
              </option>
            ))}
          </select>
        </label>
        <label>
          Needed for
          <select className="form-select" name="stage" defaultValue="fixtures">
            <Options of={STAGES} />
          </select>
        </label>
        <button className="btn btn-primary" disabled={busy}>
          Add
        </button>
        <FormError error={error} />
      </form>
    </details>
  )
}
