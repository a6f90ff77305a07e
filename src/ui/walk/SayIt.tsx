'use client'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import type { WalkKind } from '@/core/narration/line'
import type { VisitKind } from '@/core/walk/observation'
import type { Place } from '@/core/walk/siteState'
import { simulatedDictation } from './dictation'
import { MemoButton } from './MemoButton'
import { ReadBack } from './ReadBack'
import { readBack, type Heard } from './saidLines'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** What each walk is for, as far as it changes what words mean. */
const WALK_KINDS: Readonly<Record<VisitKind, WalkKind | undefined>> = {
  scope: 'scope',
  kickoff: 'scope',
  progress: 'progress',
  layout: undefined,
  'before-cover': 'before cover',
  'end-of-day': 'end of day',
  completion: 'completion',
  return: undefined,
}

/** Dictated or typed words become lines that the person keeps, mends or drops with one thumb; nothing said is lost. */
export function SayIt({ place, site, onClose }: { place: Place; site: SiteWalk; onClose: () => void }) {
  const [text, setText] = useState('')
  const [heard, setHeard] = useState<Heard | null>(null)
  const [dictation] = useState(simulatedDictation)

  const read = async (): Promise<void> => {
    const walk = site.walk ? WALK_KINDS[site.walk.kind] : undefined
    setHeard(
      await readBack(site, {
        text,
        places: site.state.places.map((one) => one.name),
        current: place.name,
        units: site.snapshot.site.units,
        today: site.snapshot.today,
        ...(walk ? { walk } : {}),
      }),
    )
  }
  if (heard) return <ReadBack {...{ heard, place, site, onClose }} onBack={() => setHeard(null)} />
  return (
    <Form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        if (text.trim() !== '') void read()
      }}
    >
      <FormLabel>
        Say or type what you see; use the microphone of your keyboard
        <FormControl
          as="textarea"
          rows={5}
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder="Board’s about half up, no sockets in yet. Sparky’s back Thursday."
        />
      </FormLabel>
      {site.snapshot.demo && (
        <Button
          bsPrefix="tap"
          className={styles.small}
          onClick={() => void dictation.listen().then((words) => setText((old) => `${old} ${words}`.trim()))}
        >
          Dictate (simulated)
        </Button>
      )}
      <MemoButton place={place} site={site} />
      <Button bsPrefix="tap" type="submit" className={styles.main}>
        Read it back
      </Button>
    </Form>
  )
}
