import { hash, verify } from '@node-rs/argon2'
import { Refusal } from '../refusal'

/** What a guesser who knows the usual words and patterns needs at least: zxcvbn's 2 of 4, some 10^6 tries, against a door
 * that lets a few through an hour. */
const LEAST_SCORE = 2

/** The hash of a password that nobody guesses.
 * @param known words that a stranger would try first: the firm, the person, the sign-in name
 * @throws Refusal 422 where it is common or easily guessed */
export async function strongHash(password: string, known: readonly string[]): Promise<string> {
  // Its lists of words are read where somebody chooses a password, which is seldom.
  const { default: zxcvbn } = await import('zxcvbn')
  const { score } = zxcvbn(password.slice(0, 100), [...known, 'aftermist'])
  if (score < LEAST_SCORE)
    throw new Refusal(
      422,
      'Password: this one is easily guessed. Take four or five words that nobody would put together, or add to it.',
      'password',
    )
  return hash(password)
}

export const isPassword = (passwordHash: string, password: string): Promise<boolean> => verify(passwordHash, password)

let decoy: Promise<string> | undefined
/** A name that does not exist costs as much time as a wrong password. */
export const decoyHash = (): Promise<string> => (decoy ??= hash('nobody has this password'))
