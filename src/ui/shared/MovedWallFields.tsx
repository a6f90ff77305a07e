import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import FormText from 'react-bootstrap/FormText'
import { useRef, useState } from 'react'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { printMeasured, type Units } from '@/core/measure/length'
import type { Size } from '@/core/measure/size'
import type { PlaceKind } from '@/core/places/place'
import { movedWall, resizedWords, sideWords, type WallMove } from '@/core/walk/movedWall'

export interface SizedPlace {
  readonly id: string
  readonly name: string
  readonly kind: PlaceKind
  readonly size: Size | null
}

/** The places of a site to choose from, but for one. */
export const OtherPlaces = ({ places, than }: { readonly places: readonly SizedPlace[]; readonly than: SizedPlace }) =>
  places
    .filter(({ id }) => id !== than.id)
    .map(({ id, name }) => (
      <option key={id} value={id}>
        {name}
      </option>
    ))

interface MovedWallFieldsProps {
  readonly place: SizedPlace
  readonly places: readonly SizedPlace[]
  readonly units: Units
}

/** A wall between two places: by how much it moves, and what both are then, read back before it is kept. */
export function MovedWallFields({ place, places, units }: MovedWallFieldsProps) {
  const fields = useRef<HTMLFieldSetElement>(null)
  const [beside, setBeside] = useState('')
  const [then, setThen] = useState<readonly string[]>([])
  const behind = places.find((one) => one.id === beside)
  const readBack = (): void =>
    setThen(follows(place, places, wallMoveOf(new FormData(fields.current!.closest('form')!)), units))
  return (
    <fieldset ref={fields} onChange={readBack}>
      <FormLabel className="d-block">
        Which measure of {place.name} changes
        <SideSelect name="side" place={place} units={units} />
      </FormLabel>
      <FormLabel className="d-block">
        {place.name} gets
        <FormSelect name="grows">
          <option value="yes">bigger</option>
          <option value="no">smaller</option>
        </FormSelect>
      </FormLabel>
      <FormLabel className="d-block">
        By how much
        <FormControl name="by" autoComplete="off" placeholder={units === 'imperial' ? `3'` : '0.4'} />
      </FormLabel>
      <FormLabel className="d-block">
        What lies behind that wall
        <FormSelect name="beside" value={beside} onChange={(event) => setBeside(event.target.value)}>
          <option value="">Nothing of ours</option>
          <OtherPlaces places={places} than={place} />
        </FormSelect>
      </FormLabel>
      {behind && (
        <FormLabel className="d-block">
          Which measure of {behind.name} changes
          <SideSelect name="besideSide" place={behind} units={units} />
        </FormLabel>
      )}
      <FormLabel className="d-block">
        Why
        <FormControl name="why" autoComplete="off" maxLength={200} />
      </FormLabel>
      <FormText as="p" aria-live="polite">
        {then.map((words) => (
          <span key={words} className="d-block">
            {words}.
          </span>
        ))}
      </FormText>
    </fieldset>
  )
}

function SideSelect({
  name,
  place,
  units,
}: {
  readonly name: string
  readonly place: SizedPlace
  readonly units: Units
}) {
  return (
    <FormSelect name={name}>
      {sideWords(place.kind).flatMap((word, i) => {
        const side = place.size?.sides[i]
        return side || !place.size
          ? [
              <option key={word} value={i}>
                {`its ${word}${side ? `, now ${printMeasured(side, units)}` : ''}`}
              </option>,
            ]
          : []
      })}
    </FormSelect>
  )
}

/** What both places are then, or what still stands in the way of saying so. */
function follows(place: SizedPlace, places: readonly SizedPlace[], move: WallMove, units: Units): readonly string[] {
  if (move.by.trim() === '') return []
  try {
    return movedWall(places, place, move, units).map((one) => resizedWords(one, units))
  } catch (error) {
    if (!(error instanceof ImpossibleRequest)) throw error
    return [error.message.replace(/\.$/, '')]
  }
}

/** What the fields of a moved wall say. */
export const wallMoveOf = (form: FormData): WallMove => ({
  side: Number(form.get('side') ?? 0),
  by: String(form.get('by') ?? ''),
  grows: form.get('grows') !== 'no',
  beside: String(form.get('beside') ?? ''),
  besideSide: Number(form.get('besideSide') ?? 0),
  why: String(form.get('why') ?? ''),
})
