import Button from 'react-bootstrap/Button'
import { useEffect, useRef, useState } from 'react'
import styles from './Walk.module.css'

/** The earlier photo laid over the camera, so that the new one is taken from where that one was. */
export function SameSpot({ hash, onTaken }: { readonly hash: string; readonly onTaken: (file: File) => void }) {
  const video = useRef<HTMLVideoElement>(null)
  const [missing, setMissing] = useState(false)
  useEffect(() => {
    let stream: MediaStream | null = null
    let gone = false
    const open = async (): Promise<void> => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
      } catch {
        setMissing(true)
        return
      }
      if (gone || !video.current) return stream.getTracks().forEach((track) => track.stop())
      video.current.srcObject = stream
      await video.current.play()
    }
    void open()
    return () => {
      gone = true
      stream?.getTracks().forEach((track) => track.stop())
    }
  }, [])
  const shoot = (): void => {
    const from = video.current
    if (!from?.videoWidth) return
    const canvas = document.createElement('canvas')
    canvas.width = from.videoWidth
    canvas.height = from.videoHeight
    canvas.getContext('2d')!.drawImage(from, 0, 0)
    canvas.toBlob(
      (blob) => blob && onTaken(new File([blob], 'same-spot.jpg', { type: 'image/jpeg' })),
      'image/jpeg',
      0.9,
    )
  }
  return (
    <>
      <div className={styles.sameSpot}>
        {!missing && <video ref={video} muted playsInline />}
        <img src={`/api/photos/${hash}?size=shared`} alt="The earlier photo, to be lined up with" />
      </div>
      {missing ? (
        <p className="soft">The camera cannot be shown here. Stand where this one was taken, then take it below.</p>
      ) : (
        <Button bsPrefix="tap" className={styles.small} onClick={shoot}>
          Take it now
        </Button>
      )}
    </>
  )
}
