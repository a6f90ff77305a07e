import styles from './MistStrip.module.css'

/** One block a place, clear where it was seen lately, fogged where it was not. The words beside it say the same. */
export function MistStrip({ places }: { places: readonly { readonly name: string; readonly clearness: number }[] }) {
  const misty = places.filter((place) => place.clearness < 0.4).length
  return (
    <div
      className={styles.strip}
      role="img"
      aria-label={`${places.length - misty} of ${places.length} places seen lately`}
    >
      {places.map((place, i) => (
        <span key={i} style={{ opacity: 0.18 + 0.82 * place.clearness }} title={place.name} />
      ))}
    </div>
  )
}
