import { dateOnly, longDay, type Day } from '../calendar/day'
import { printMoney, type Minor } from '../measure/money'
import type { SiteState } from '../walk/siteState'

/** One thing that a client can answer by themselves. */
export interface ClientAsk {
  readonly kind: 'decision' | 'selection' | 'extra'
  /** The decision, selection or line that it is about. */
  readonly id: string
  /** What is asked, in a few words. */
  readonly asks: string
  /** What hangs on it: the last day, what it costs in money or days. */
  readonly about: readonly string[]
  /** What is proposed; null where they say it themselves. */
  readonly proposal: string | null
  /** Ways to choose between; none where they say it in words. */
  readonly options: readonly string[]
}

/** What a client said, and what is to be done with it. */
export type ClientReply =
  | { readonly reply: 'approve' }
  | { readonly reply: 'decline'; readonly text: string }
  | { readonly reply: 'choose'; readonly text: string }

/** Everything that waits for the client: questions, selections to choose or approve, priced extras. Prices only of
 * extras, and those in full; nothing else costs anything here.
 * @param orderBy last day to order each selection
 * @param extraWords what each extra does to the dates, by line */
export function clientAsks(
  { decisions, selections, lines, places }: SiteState,
  orderBy: ReadonlyMap<string, Day>,
  extraWords: ReadonlyMap<string, string> = new Map(),
): ClientAsk[] {
  const at = (id: string | null): string => places.find((place) => place.id === id)?.name ?? ''
  return [
    ...decisions
      .filter(({ owner, answer }) => owner === 'client' && answer === null)
      .map(({ id, question, by, stake, details }): ClientAsk => ({
        kind: 'decision',
        id,
        asks: question,
        about: [...(by ? [`By ${longDay(by)}.`] : []), ...(stake ? [stake] : [])],
        proposal: null,
        options: [details?.optionA, details?.optionB].flatMap((one) => (one ? [String(one)] : [])),
      })),
    ...selections
      .filter(({ state, id }) => (state === 'undecided' || state === 'chosen') && orderBy.has(id))
      .map(({ id, what, placeId, state, choice }): ClientAsk => ({
        kind: 'selection',
        id,
        asks: `${what}, ${at(placeId)}`,
        about: [`By ${longDay(orderBy.get(id)!)}, so that it is here in time.`],
        proposal: state === 'chosen' ? choice : null,
        options: [],
      })),
    ...lines
      .filter(({ extra, price, approval, excluded }) => extra && price !== null && approval === null && !excluded)
      .map(({ id, title, placeId, price }): ClientAsk => ({
        kind: 'extra',
        id,
        asks: `${title}, ${at(placeId)}`,
        about: [priceSentence(price!), ...(extraWords.has(id) ? [extraWords.get(id)!] : [])],
        proposal: title,
        options: [],
      })),
  ]
}

const priceSentence = (price: Minor): string => `It costs ${printMoney(price)}, without tax.`

/** What a receipt says: who said what, and on which day. */
export function receiptWords(asks: string, reply: ClientReply, name: string, on: Day): string {
  const said = {
    approve: 'approved',
    decline: `declined${reply.reply === 'decline' && reply.text ? `: ${reply.text}` : ''}`,
    choose: reply.reply === 'choose' ? `answered: ${reply.text}` : '',
  }[reply.reply]
  return `${asks}: ${said}. ${name}, ${dateOnly(on)}.`
}
