import { expect } from 'vitest'

const ID = /[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g

/** What must stand in what somebody reads, and what must not; the digits of an id tell nobody anything. */
export function reads(
  written: string,
  told: readonly (string | RegExp)[],
  keptBack: readonly (string | RegExp)[],
): void {
  const text = written.replace(ID, '')
  for (const words of told)
    if (typeof words === 'string') expect.soft(text).toContain(words)
    else expect.soft(text).toMatch(words)
  for (const words of keptBack)
    if (typeof words === 'string') expect.soft(text.toLowerCase()).not.toContain(words.toLowerCase())
    else expect.soft(text).not.toMatch(words)
}
