import styles from './LinkPage.module.css'

/** A link that leads nowhere any more says so in one sentence. */
export function LinkRefused({ message }: { message: string }) {
  return (
    <main className={styles.page}>
      <div className={styles.body}>
        <h1>Nothing to see here</h1>
        <p>{message}</p>
      </div>
    </main>
  )
}
