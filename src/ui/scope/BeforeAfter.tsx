import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import styles from './BeforeAfter.module.css'

/** Two photos from one spot, the later laid over the earlier as far as the slider says. */
export function BeforeAfter({
  before,
  after,
  place,
}: {
  readonly before: { readonly hash: string; readonly on: string }
  readonly after: { readonly hash: string; readonly on: string }
  readonly place: string
}) {
  const [share, setShare] = useState(50)
  return (
    <figure className={styles.pair}>
      <div className={styles.frame}>
        <img src={`/api/photos/${before.hash}?size=shared`} alt={`${place} before, ${before.on}`} loading="lazy" />
        <img
          src={`/api/photos/${after.hash}?size=shared`}
          alt={`${place} after, ${after.on}`}
          loading="lazy"
          style={{ clipPath: `inset(0 ${100 - share}% 0 0)` }}
        />
      </div>
      <Form.Label>
        <span className="visually-hidden">How much of the later photo of {place} is shown</span>
        <Form.Range min={0} max={100} value={share} onChange={(event) => setShare(Number(event.target.value))} />
      </Form.Label>
      <figcaption>
        {after.on} on the left, {before.on} on the right
      </figcaption>
    </figure>
  )
}
