import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import { useState } from 'react'
import { v7 as uuid } from 'uuid'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { MAX_FILE_BYTES } from '@/core/walk/sentFiles'
import type { Place } from '@/core/walk/siteState'
import type { SiteWalk } from './useSiteWalk'

/** Takes a short film with the phone's own camera and keeps it with the place. */
export function FilmInput({ place, site }: { readonly place: Place; readonly site: SiteWalk }) {
  const [said, setSaid] = useState('')
  const keep = async (file: File): Promise<void> => {
    if (file.size > MAX_FILE_BYTES.film)
      return setSaid('Film: larger than 60 MB. Take a shorter one, or one of less quality.')
    try {
      const seconds = await secondsOf(file)
      const hash = await site.keepFile(file, 'film')
      const value = { hash, seconds, private: false, film: true }
      await site.record([{ subject: 'memo', subjectId: uuid(), facet: 'spoken', placeId: place.id, value }])
      setSaid(`A film of ${seconds} seconds is kept with ${place.name}.`)
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      setSaid(error.message)
    }
  }
  return (
    <>
      <FormLabel>
        Or a short film
        <FormControl
          type="file"
          name="film"
          accept="video/*"
          capture="environment"
          onChange={(event) => {
            const file = (event.target as HTMLInputElement).files?.[0]
            if (file) void keep(file)
          }}
        />
      </FormLabel>
      <p className="soft" aria-live="polite">
        {said}
      </p>
    </>
  )
}

/** How long a film is, whole seconds; 0 where this phone cannot tell. */
function secondsOf(file: File): Promise<number> {
  const url = URL.createObjectURL(file)
  const film = document.createElement('video')
  return new Promise<number>((done) => {
    film.onloadedmetadata = () => done(Number.isFinite(film.duration) ? Math.round(film.duration) : 0)
    film.onerror = () => done(0)
    film.src = url
  }).finally(() => URL.revokeObjectURL(url))
}
