/** Opens the firm's folder as the server starts, so that what waited goes on at once, and a server that may not work on it
 * ends with a sentence instead of answering errors. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') {
    const { openAtStart } = await import('./server/runningFirm')
    await openAtStart()
  }
}
