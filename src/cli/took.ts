/** How long something takes, in milliseconds. */
export async function took(run: () => unknown): Promise<number> {
  const began = performance.now()
  await run()
  return performance.now() - began
}
