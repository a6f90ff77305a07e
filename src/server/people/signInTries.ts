import { readFailedSignIns } from '../../data/people'
import type { FirmFolder } from '../firmFolder'
import { Refusal } from '../refusal'

const WINDOW_MINUTES = 60
/** Tries of one name from one place that cost nothing; each further one doubles the wait. */
const FREE_OF_NAME = 5
/** Tries of any name from one place that cost nothing. */
const FREE_OF_ADDRESS = 30
const FIRST_WAIT_SECONDS = 15
const LONGEST_WAIT_SECONDS = 15 * 60
/** Tries of one name from everywhere after which each answer is slow, whoever asks. */
const FREE_ANYWHERE = 40
const SLOW_MS = 1500

/** Slows down whoever tries passwords: the same name from the same place, and any name from one place, wait longer each
 * time. Whoever tries somebody's name from elsewhere keeps nobody out but themselves.
 * @throws Refusal 429 with how long to wait */
export async function slowDown(firm: FirmFolder, login: string, address: string): Promise<void> {
  const now = Date.parse(firm.clock.now())
  const since = new Date(now - WINDOW_MINUTES * 60_000).toISOString()
  const { ofName, ofAddress, ofNameAnywhere } = readFailedSignIns(firm.db, login, address, since)
  const wait = Math.max(waitAfter(ofName, FREE_OF_NAME, now), waitAfter(ofAddress, FREE_OF_ADDRESS, now))
  if (wait > 0) throw new Refusal(429, `Too many tries. Wait ${waitWords(wait)} and try again.`)
  if (ofNameAnywhere.length > FREE_ANYWHERE) await new Promise((done) => setTimeout(done, SLOW_MS))
}

/** Seconds that are still to be waited.
 * @param tries instants of failed tries, the latest first
 * @param free how many of them cost nothing */
export function waitAfter(tries: readonly string[], free: number, now: number): number {
  const beyond = tries.length - free
  if (beyond < 0) return 0
  const wait = Math.min(LONGEST_WAIT_SECONDS, FIRST_WAIT_SECONDS * 2 ** beyond)
  return Math.max(0, Math.ceil((Date.parse(tries[0]!) + wait * 1000 - now) / 1000))
}

const waitWords = (seconds: number): string =>
  seconds < 60 ? `${seconds} seconds` : seconds < 120 ? 'a minute' : `${Math.ceil(seconds / 60)} minutes`
