import styles from './ShareDesk.module.css'

/** What was said by the client's link, as they see it too. */
export function Receipts({
  siteId,
  receipts,
}: {
  readonly siteId: string
  readonly receipts: readonly { readonly id: string; readonly words: string; readonly answer: string | null }[]
}) {
  if (receipts.length === 0) return null
  return (
    <section aria-labelledby="receipts">
      <h2 id="receipts">Said by the client’s link</h2>
      <ul className={styles.list}>
        {receipts.map(({ id, words, answer }) => (
          <li key={id}>
            {words} {answer && <strong>{answer}</strong>}
          </li>
        ))}
      </ul>
      <p>
        <a href={`/sites/${siteId}/registers`}>Answer questions in the register</a>; the client finds the answer on
        their page.
      </p>
    </section>
  )
}
