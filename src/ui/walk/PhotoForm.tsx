import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import Button from 'react-bootstrap/Button'
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
import { ReadChoice, ReadWords } from '../shared/ReadFields'
import { ReadForm, WhatIsWrong } from '../shared/ReadForm'
import { wordsIn, type Typed } from '../shared/typed'
import { CAMERA } from './FactFields'
import { FilmInput } from './FilmInput'
import { refuseInsecure } from './sheetFact'
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
  const earlier = site.state.photos.filter((one) => one.placeId === place.id && !one.sheet)
  const take = (chosen: readonly File[]): void => {
    setFiles(chosen)
    setMarks([])
  }
  const read = (typed: Typed) => {
    if (files.length === 0) throw new ImpossibleRequest('empty', 'Photo: take or choose one.')
    refuseInsecure()
    const words = wordsIn(typed)
    const details = readValues(PHOTO_FIELDS, words, site.snapshot.site.units)
    return {
      caption: words('caption'),
      ...(Object.keys(details).length > 0 ? { details } : {}),
      ...(spot ? { sameSpotAs: spot } : {}),
      ...(words('about') ? { about: words('about') } : {}),
    }
  }
  const keep = async (told: ReturnType<typeof read>): Promise<void> => {
    for (const file of files) {
      const at = { subject: 'photo' as const, subjectId: uuid(), placeId: place.id }
      const hash = await site.keepFile(file, 'photo')
      await site.record([
        { ...at, facet: 'taken', value: { hash, ...told } },
        ...(marks.length > 0 ? [{ ...at, facet: 'marked' as const, value: marks }] : []),
      ])
    }
    onClose()
  }
  return (
    <ReadForm className={styles.form} read={read} onRead={keep}>
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
          {...CAMERA}
          onChange={(event) => take([...((event.target as HTMLInputElement).files ?? [])])}
        />
      </FormLabel>
      {files.length === 0 && <FilmInput place={place} site={site} />}
      {files.length === 1 && <MarkPhoto file={files[0]!} marks={marks} onMarks={setMarks} />}
      <ReadWords name="caption" label="What it shows" />
      <Fold title="More about it">
        <ReadChoice name="about" label="What it is about" defaultValue="">
          <option value="">the place as it is</option>
          {mattersAt(site.state, place.id).map(({ id, words }) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </ReadChoice>
        <EntryFields fields={PHOTO_FIELDS} units={site.snapshot.site.units} />
      </Fold>
      <p className="soft">Shared copies carry no position and no camera data; what you hide cannot be read in them.</p>
      <WhatIsWrong />
      <Button bsPrefix="tap" type="submit" className={styles.main}>
        Keep
      </Button>
    </ReadForm>
  )
}
