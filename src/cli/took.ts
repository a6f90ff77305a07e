/** How long something takes, in milliseconds. */
export async function took(run: () => unknown): Promise<number> {
  const began = performance.now()
  await run()
  return performance.now() - began
}

/** The middle one of some times. */
export const middle = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!
