import { useWatch } from 'react-hook-form'
import type { Units } from '@/core/measure/length'
import { PLACE_CHANGES, type PlaceChange } from '@/core/walk/placeChanges'
import { MovedWallFields, OtherPlaces, wallMoveOf, type SizedPlace } from './MovedWallFields'
import { Options } from './Options'
import { ReadChoice, ReadTick, ReadWords } from './ReadFields'
import { ticked, wordsIn, type Typed } from './typed'

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
  const change = (useWatch({ name: 'change' }) as PlaceChange['change'] | undefined) ?? 'future'
  return (
    <>
      <ReadChoice name="change" label={`What changes about ${place.name}`} defaultValue="future">
        <Options of={PLACE_CHANGES} />
      </ReadChoice>
      {change === 'wall' ? (
        <MovedWallFields place={place} places={places} units={units} />
      ) : change === 'merge' ? (
        <ReadChoice name="to" label={LABELS.merge}>
          <OtherPlaces places={places} than={place} />
        </ReadChoice>
      ) : (
        <ReadWords key={change} name="to" label={LABELS[change]} />
      )}
      {change === 'split' && lines.length > 0 && (
        <fieldset>
          <legend className="form-label">Work that goes with it</legend>
          {lines.map((line) => (
            <ReadTick key={line.id} name={`lines.${line.id}`} label={line.title} className="d-block" />
          ))}
        </fieldset>
      )}
    </>
  )
}

/** What the form of a place's change says. */
export function placeChangeOf(typed: Typed): PlaceChange {
  const words = wordsIn(typed)
  const change = words('change') as PlaceChange['change']
  const said = { change, to: words('to'), lineIds: ticked(typed, 'lines') }
  return change === 'wall' ? { ...said, wall: wallMoveOf(typed) } : said
}
