import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import { Fold } from '../shared/Fold'
import type { RecordFacts, ScopeProps } from './types'

interface ShowPhotoProps {
  readonly photo: ScopeProps['open']['photos'][number]
  readonly placeId: string
  readonly record: RecordFacts
}

/** A photo is chosen by hand for who follows the work, with words of its own: no place, no name, no price. */
export function ShowPhoto({ photo, placeId, record }: ShowPhotoProps) {
  const [words, setWords] = useState(photo.shown)
  const show = (value: string): Promise<unknown> => {
    const at = { subject: 'photo' as const, subjectId: photo.id, facet: 'shown' as const, placeId }
    const said = value ? 'Followers see it, while there is leave.' : 'Followers see it no more.'
    return record([{ ...at, value }], said, [{ ...at, value: photo.shown }])
  }
  return (
    <Fold title={photo.shown ? 'Shown to followers' : 'Show it to followers'}>
      <FormLabel className="d-block">
        Words under it, without place, name or price
        <FormControl value={words} maxLength={200} onChange={(event) => setWords(event.target.value)} />
      </FormLabel>
      <p className="soft">Hide faces, number plates and house numbers on the photo first.</p>
      <Button
        variant="quiet"
        disabled={words.trim() === ''}
        aria-label={`Show ${photo.caption || 'this photo'} to followers`}
        onClick={() => void show(words.trim())}
      >
        Show it
      </Button>{' '}
      {photo.shown && (
        <Button
          variant="quiet"
          aria-label={`Show ${photo.caption || 'this photo'} to followers no more`}
          onClick={() => void show('')}
        >
          No more
        </Button>
      )}
    </Fold>
  )
}
