/** A link that leads nowhere any more says so in one sentence.
 * @param styles how the classes are called where it stands */
export function LinkRefused({
  message,
  styles,
}: {
  readonly message: string
  readonly styles: Readonly<Record<string, string>>
}) {
  return (
    <main className={styles.page}>
      <div className={styles.body}>
        <h1>Nothing to see here</h1>
        <p>{message}</p>
      </div>
    </main>
  )
}
