/** Opens the firm's folder as the server starts, so that what waited goes on at once, and a server that may not work on it
 * ends with a sentence instead of answering errors. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !process.env.AFTERMIST_DATA) return
  const { runningFirm } = await import('./server/runningFirm')
  try {
    await runningFirm()
  } catch (error) {
    console.error(error instanceof Error ? error.message : error)
    process.exit(1)
  }
}
