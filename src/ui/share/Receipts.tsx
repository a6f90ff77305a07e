import styles from './ShareDesk.module.css'

/** What was said by links, as whoever said it sees it too. */
export function Receipts({
  receipts,
}: {
  readonly receipts: readonly {
    readonly id: string
    readonly siteId: string
    /** Told where several sites are shown. */
    readonly site?: string
    readonly words: string
    readonly answer: string | null
  }[]
}) {
  if (receipts.length === 0) return null
  return (
    <section aria-labelledby="receipts" className="mt-4">
      <h2 id="receipts">Said by links</h2>
      <ul className={styles.list}>
        {receipts.map(({ id, siteId, site, words, answer }) => (
          <li key={id}>
            {site && <strong>{site}: </strong>}
            {words} {answer && <strong>{answer}</strong>}{' '}
            {answer === 'Not answered yet.' && <a href={`/sites/${siteId}/record`}>Answer in the register</a>}
          </li>
        ))}
      </ul>
    </section>
  )
}
