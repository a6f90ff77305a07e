import Button from 'react-bootstrap/Button'
import { useEffect, useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import type { Place } from '@/core/walk/siteState'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** Keeps what is spoken as it was spoken, with the place; nothing is read out of it. */
export function MemoButton({ place, site }: { readonly place: Place; readonly site: SiteWalk }) {
  const recorder = useRef<MediaRecorder | null>(null)
  const [since, setSince] = useState<number | null>(null)
  const [said, setSaid] = useState('')
  useEffect(() => () => recorder.current?.stream.getTracks().forEach((track) => track.stop()), [])
  const keep = async (parts: readonly Blob[], seconds: number): Promise<void> => {
    const hash = await site.keepFile(new Blob([...parts], { type: parts[0]?.type ?? '' }), 'memo')
    const value = { hash, seconds, private: false }
    await site.record([{ subject: 'memo', subjectId: uuid(), facet: 'spoken', placeId: place.id, value }])
    setSaid(`${seconds} seconds are kept with ${place.name}.`)
  }
  const start = async (): Promise<void> => {
    let stream: MediaStream
    try {
      stream = await navigator.mediaDevices.getUserMedia({ audio: true })
    } catch {
      return setSaid('The microphone cannot be used here. Allow it, or type what you would say.')
    }
    const parts: Blob[] = []
    const began = performance.now()
    const tape = new MediaRecorder(stream)
    tape.ondataavailable = (event) => parts.push(event.data)
    tape.onstop = () => {
      stream.getTracks().forEach((track) => track.stop())
      void keep(parts, Math.round((performance.now() - began) / 1000))
    }
    tape.start()
    recorder.current = tape
    setSaid('')
    setSince(began)
  }
  const stop = (): void => {
    recorder.current?.stop()
    setSince(null)
  }
  return (
    <>
      <Button bsPrefix="tap" className={styles.small} onClick={() => (since === null ? void start() : stop())}>
        {since === null ? 'Keep it as sound' : 'Stop, and keep it'}
      </Button>
      <p className="soft" aria-live="polite">
        {since === null ? said : 'Listening…'}
      </p>
    </>
  )
}
