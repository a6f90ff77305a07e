import { longDay, type Day } from '../calendar/day'
import { MORNING_FROM } from './outbox'

export interface MorningMail {
  readonly subject: string
  readonly body: string
}

/** A place in which somebody works today, as its sheet tells it. */
export interface MorningPlace {
  readonly name: string
  readonly cautions: readonly string[]
  /** What is done there today, a sentence each. */
  readonly work: readonly string[]
  /** What is not to be touched. */
  readonly stays: readonly string[]
}

export interface MorningSite {
  readonly name: string
  /** Its street, how to get in, whom to call. */
  readonly where: string
  readonly places: readonly MorningPlace[]
}

const part = (title: string, lines: readonly string[]): string[] =>
  lines.length === 0 ? [] : ['', title, ...lines.map((line) => `- ${line}`)]

/** What an owner or a lead reads at six: what cannot wait, who is where, what to walk next.
 * @param lead how the day stands, in a sentence
 * @param href where it stands in the app */
export const officeMorning = (
  today: Day,
  told: {
    readonly lead: string
    readonly needs: readonly string[]
    readonly board: readonly { readonly name: string; readonly out: readonly string[] }[]
    readonly walks: readonly string[]
  },
  href: string,
): MorningMail => ({
  subject: `${longDay(today)}: ${told.lead}`,
  body: [
    told.lead,
    ...part('What needs you', told.needs),
    ...told.board.flatMap(({ name, out }) => part(name, out)),
    ...part('To walk', told.walks),
    '',
    href,
  ].join('\n'),
})

/** What crew read at six: what can hurt first, then their places one by one; null where nobody works at theirs today. */
export function crewMorning(today: Day, sites: readonly MorningSite[], href: string): MorningMail | null {
  const busy = sites.filter(({ places }) => places.length > 0)
  if (busy.length === 0) return null
  const cautions = [...new Set(busy.flatMap(({ places }) => places.flatMap((place) => place.cautions)))]
  return {
    subject: `${longDay(today)}: ${busy.map(({ name }) => name).join(', ')}`,
    body: [
      longDay(today),
      ...part('Take care', cautions),
      ...busy.flatMap(({ name, where, places }) => [
        '',
        where ? `${name}, ${where}` : name,
        ...places.flatMap((place) => part(place.name, [...place.work, ...place.stays.map((one) => `Stays: ${one}`)])),
      ]),
      '',
      href,
    ].join('\n'),
  }
}

/** Whether the morning's mail may be written now; whoever starts the server at noon gets it no more that day.
 * @param hour of the day where the firm is, 0 to 23 */
export const isMorning = (hour: number): boolean => hour >= MORNING_FROM && hour < 12
