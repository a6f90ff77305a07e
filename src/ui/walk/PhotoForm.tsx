import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import dynamic from 'next/dynamic'
import { v7 as uuid } from 'uuid'
import { dayOf, shortDay } from '@/core/calendar/day'
import { readValues } from '@/core/entries/field'
import { PHOTO_FIELDS } from '@/core/entries/kinds/conditions'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { mattersAt } from '@/core/walk/mattersAt'
import type { PhotoMark } from '@/core/walk/photoMarks'
import type { Place } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import { EntryFields } from '../shared/EntryFields'
import { Words } from './FactFields'
import { FilmInput } from './FilmInput'
import { SameSpot } from './SameSpot'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

const MarkPhoto = dynamic(() => import('./MarkPhoto').then((module) => module.MarkPhoto), { ssr: false })

interface PhotoFormProps {
  readonly place: Place
  readonly site: SiteWalk
  readonly onClose: () => void
}

/** One photo or several in a row; a single one can be drawn on, and taken again from where an earlier one was. */
export function PhotoForm({ place, site, onClose }: PhotoFormProps) {
  const [files, setFiles] = useState<readonly File[]>([])
  const [marks, setMarks] = useState<readonly PhotoMark[]>([])
  const [spot, setSpot] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const earlier = site.state.photos.filter((one) => one.placeId === place.id && !one.sheet)
  const take = (chosen: readonly File[]): void => {
    setFiles(chosen)
    setMarks([])
    setWrong(null)
  }
  const keep = async (form: FormData): Promise<void> => {
    if (files.length === 0) return setWrong('Photo: take or choose one.')
    if (!window.isSecureContext) return setWrong('Photos can be kept only over https or on this machine itself.')
    const details = readValues(PHOTO_FIELDS, (key) => String(form.get(key) ?? ''), site.snapshot.site.units)
    try {
      for (const file of files) {
        const at = { subject: 'photo' as const, subjectId: uuid(), placeId: place.id }
        const hash = await site.keepFile(file, 'photo')
        const value = {
          hash,
          caption: String(form.get('caption') ?? '').trim(),
          ...(Object.keys(details).length > 0 ? { details } : {}),
          ...(spot ? { sameSpotAs: spot } : {}),
          ...(form.get('about') ? { about: String(form.get('about')) } : {}),
        }
        await site.record([
          { ...at, facet: 'taken', value },
          ...(marks.length > 0 ? [{ ...at, facet: 'marked' as const, value: marks }] : []),
        ])
      }
      onClose()
    } catch (error) {
      if (!(error instanceof ImpossibleRequest)) throw error
      setWrong(error.message)
    }
  }
  return (
    <Form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void keep(new FormData(event.currentTarget))
      }}
    >
      {earlier.length > 0 && (
        <FormLabel>
          From the same spot as
          <FormSelect value={spot ?? ''} onChange={(event) => setSpot(event.target.value || null)}>
            <option value="">no earlier photo</option>
            {earlier.map((one) => (
              <option key={one.id} value={one.hash}>
                {one.caption || 'a photo'} ({shortDay(dayOf(one.seenAt))})
              </option>
            ))}
          </FormSelect>
        </FormLabel>
      )}
      {spot && <SameSpot hash={spot} onTaken={(file) => take([file])} />}
      <FormLabel>
        Take or choose, several at once if you like
        <FormControl
          type="file"
          name="photos"
          accept="image/*"
          capture="environment"
          multiple
          onChange={(event) => take([...((event.target as HTMLInputElement).files ?? [])])}
        />
      </FormLabel>
      {files.length === 0 && <FilmInput place={place} site={site} />}
      {files.length === 1 && <MarkPhoto file={files[0]!} marks={marks} onMarks={setMarks} />}
      <Words name="caption" label="What it shows" short />
      <Fold title="More about it">
        <FormLabel>
          What it is about
          <FormSelect name="about" defaultValue="">
            <option value="">the place as it is</option>
            {mattersAt(site.state, place.id).map(({ id, words }) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </FormSelect>
        </FormLabel>
        <EntryFields fields={PHOTO_FIELDS} units={site.snapshot.site.units} />
      </Fold>
      <p className="soft">Shared copies carry no position and no camera data; what you hide cannot be read in them.</p>
      <div aria-live="assertive">{wrong && <p className="notice notice-error">{wrong}</p>}</div>
      <Button bsPrefix="tap" type="submit" className={styles.main}>
        Keep
      </Button>
    </Form>
  )
}
