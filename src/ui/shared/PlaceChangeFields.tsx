import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import { useState } from 'react'
import type { Units } from '@/core/measure/length'
import { PLACE_CHANGES, type PlaceChange } from '@/core/walk/placeChanges'
import { MovedWallFields, OtherPlaces, wallMoveOf, type SizedPlace } from './MovedWallFields'

interface PlaceChangeFieldsProps {
  readonly place: SizedPlace
  readonly places: readonly SizedPlace[]
  readonly units: Units
  readonly lines: readonly { readonly id: string; readonly title: string }[]
}

const LABELS: Record<Exclude<PlaceChange['change'], 'wall'>, string> = {
  name: 'Its name today',
  future: 'What it is called when the work is done',
  level: 'Level',
  split: 'What the new part is called',
  merge: 'Part of which place',
  copy: 'What the other one is called',
  mirror: 'What the mirrored one is called',
}

/** What changes about a place, and the one thing that has to be said for it. */
export function PlaceChangeFields({ place, places, units, lines }: PlaceChangeFieldsProps) {
  const [change, setChange] = useState<PlaceChange['change']>('future')
  return (
    <>
      <FormLabel>
        What changes about {place.name}
        <FormSelect
          name="change"
          value={change}
          onChange={(event) => setChange(event.target.value as PlaceChange['change'])}
        >
          {Object.entries(PLACE_CHANGES).map(([id, words]) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </FormSelect>
      </FormLabel>
      {change === 'wall' ? (
        <MovedWallFields place={place} places={places} units={units} />
      ) : (
        <FormLabel>
          {LABELS[change]}
          {change === 'merge' ? (
            <FormSelect name="to">
              <OtherPlaces places={places} than={place} />
            </FormSelect>
          ) : (
            <FormControl name="to" autoComplete="off" />
          )}
        </FormLabel>
      )}
      {change === 'split' && lines.length > 0 && (
        <fieldset>
          <legend className="form-label">Work that goes with it</legend>
          {lines.map((line) => (
            <FormLabel key={line.id} className="d-block">
              <FormCheckInput type="checkbox" name="lines" value={line.id} /> {line.title}
            </FormLabel>
          ))}
        </fieldset>
      )}
    </>
  )
}

/** What the form of a place's change says. */
export const placeChangeOf = (form: FormData): PlaceChange => ({
  change: String(form.get('change')) as PlaceChange['change'],
  to: String(form.get('to') ?? ''),
  lineIds: form.getAll('lines').map(String),
  ...(form.has('by') ? { wall: wallMoveOf(form) } : {}),
})
