import FormText from 'react-bootstrap/FormText'
import { useWatch } from 'react-hook-form'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { printMeasured, type Units } from '@/core/measure/length'
import type { Size } from '@/core/measure/size'
import type { PlaceKind } from '@/core/places/place'
import { movedWall, resizedWords, sideWords, type WallMove } from '@/core/walk/movedWall'
import { ReadChoice, ReadWords } from './ReadFields'
import { wordsIn, type Typed } from './typed'

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
  const move = wallMoveOf(useWatch() as Typed)
  const behind = places.find(({ id }) => id === move.beside)
  return (
    <fieldset className="d-grid gap-2">
      <ReadChoice name="side" label={`Which measure of ${place.name} changes`}>
        <Sides place={place} units={units} />
      </ReadChoice>
      <ReadChoice name="grows" label={`${place.name} gets`}>
        <option value="yes">bigger</option>
        <option value="no">smaller</option>
      </ReadChoice>
      <ReadWords name="by" label="By how much" placeholder={units === 'imperial' ? `3'` : '0.4'} />
      <ReadChoice name="beside" label="What lies behind that wall">
        <option value="">Nothing of ours</option>
        <OtherPlaces places={places} than={place} />
      </ReadChoice>
      {behind && (
        <ReadChoice key={behind.id} name="besideSide" label={`Which measure of ${behind.name} changes`}>
          <Sides place={behind} units={units} />
        </ReadChoice>
      )}
      <ReadWords name="why" label="Why" maxLength={200} />
      <FormText as="p" aria-live="polite">
        {follows(place, places, move, units).map((words) => (
          <span key={words} className="d-block">
            {words}.
          </span>
        ))}
      </FormText>
    </fieldset>
  )
}

/** The measures of a place that a wall may change. */
const Sides = ({ place, units }: { readonly place: SizedPlace; readonly units: Units }) =>
  sideWords(place.kind).flatMap((word, i) => {
    const side = place.size?.sides[i]
    return side || !place.size
      ? [
          <option key={word} value={i}>
            {`its ${word}${side ? `, now ${printMeasured(side, units)}` : ''}`}
          </option>,
        ]
      : []
  })

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
export function wallMoveOf(typed: Typed): WallMove {
  const words = wordsIn(typed)
  return {
    side: Number(words('side')),
    by: words('by'),
    grows: words('grows') !== 'no',
    beside: words('beside'),
    besideSide: Number(words('besideSide')),
    why: words('why'),
  }
}
