import { expect } from 'vitest'

/** What must stand in what somebody reads, and what must not. */
export function reads(text: string, told: readonly (string | RegExp)[], keptBack: readonly (string | RegExp)[]): void {
  for (const words of told)
    if (typeof words === 'string') expect.soft(text).toContain(words)
    else expect.soft(text).toMatch(words)
  for (const words of keptBack)
    if (typeof words === 'string') expect.soft(text.toLowerCase()).not.toContain(words.toLowerCase())
    else expect.soft(text).not.toMatch(words)
}
