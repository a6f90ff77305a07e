import { byDay, dateOnly, longDay, type Day } from '../calendar/day'
import { printMoney, type Minor } from '../measure/money'
import { groupBy } from '../lists/groupBy'
import { listed } from '../lists/listed'
import { isTheirChoice, type Selection } from '../selections/selection'
import type { SiteState } from '../walk/siteState'

/** One thing that a client can answer by themselves. */
export interface ClientAsk {
  readonly kind: 'decision' | 'selection' | 'extra'
  /** The decision, selection or line that it is about; the first of them where several rooms want the same. */
  readonly id: string
  /** All that one answer settles. */
  readonly ids: readonly string[]
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
 * @param candidates what is said of each thing that one may become */
export function clientAsks(
  { decisions, selections, lines, places }: SiteState,
  orderBy: ReadonlyMap<string, Day>,
  today: Day,
  candidates: (selection: Selection) => readonly string[] = () => [],
): ClientAsk[] {
  const at = (id: string | null): string => places.find((place) => place.id === id)?.name ?? ''
  return [
    ...decisions
      .filter(({ owner, answer }) => owner === 'client' && answer === null)
      .map(({ id, question, by, stake, details }): ClientAsk => ({
        kind: 'decision',
        id,
        ids: [id],
        asks: question,
        about: [...(by ? [`By ${longDay(by)}.`] : []), ...(stake ? [stake] : [])],
        proposal: null,
        options: [details?.optionA, details?.optionB].flatMap((one) => (one ? [String(one)] : [])),
      })),
    ...askedSelections(selections, orderBy, today, at, candidates),
    ...lines
      .filter(({ extra, price, approval, excluded }) => extra && price !== null && approval === null && !excluded)
      .map(({ id, title, placeId, price }): ClientAsk => ({
        kind: 'extra',
        id,
        ids: [id],
        asks: `${title}, ${at(placeId)}`,
        about: [priceSentence(price!)],
        proposal: title,
        options: [],
      })),
  ]
}

/** Selections to choose or approve; the same thing for several rooms is asked once, by the first of their days. */
function askedSelections(
  selections: readonly Selection[],
  orderBy: ReadonlyMap<string, Day>,
  today: Day,
  at: (placeId: string) => string,
  candidates: (selection: Selection) => readonly string[],
): ClientAsk[] {
  const open = selections.filter(
    (one) =>
      (one.state === 'undecided' || one.state === 'chosen') &&
      (orderBy.has(one.id) || (one.state === 'undecided' && one.candidates.length > 1)) &&
      isTheirChoice(one),
  )
  const groups = groupBy(open, ({ what, state, choice }) => `${what}|${state === 'chosen' ? choice : ''}`)
  return [...groups.values()]
    .map((its) => ({ its, by: its.flatMap(({ id }) => orderBy.get(id) ?? []).sort()[0] ?? null }))
    .sort((a, b) => byDay(a.by, b.by))
    .map(({ its, by }): ClientAsk => ({
      kind: 'selection',
      id: its[0]!.id,
      ids: its.map(({ id }) => id),
      asks: `${its[0]!.what} for ${listed(its.map(({ placeId }) => at(placeId)))}`,
      about: [
        ...(by === null
          ? []
          : [by <= today ? 'As soon as you can.' : `By ${longDay(by)}, so that it is here in time.`]),
        ...candidates(its[0]!),
      ],
      proposal: its[0]!.state === 'chosen' ? its[0]!.choice : null,
      options: its[0]!.state === 'undecided' ? its[0]!.candidates.map(({ name }) => name) : [],
    }))
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
