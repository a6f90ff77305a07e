import styles from './ShareDesk.module.css'

/** What was said by links, as whoever said it sees it too. */
export function Receipts({
  receipts,
}: {
  readonly receipts: readonly {
    readonly id: string
    readonly siteId: string
    readonly words: string
    readonly answer: string | null
    readonly open: boolean
  }[]
}) {
  if (receipts.length === 0) return null
  return (
    <section aria-labelledby="receipts" className="mt-4">
      <h2 id="receipts">Said by links</h2>
      <ul className={styles.list}>
        {receipts.map(({ id, siteId, words, answer, open }) => (
          <li key={id}>
            {words} {answer && <strong>{answer}</strong>}{' '}
            {open && <a href={`/sites/${siteId}/record`}>Answer it in the record</a>}
          </li>
        ))}
      </ul>
    </section>
  )
}
