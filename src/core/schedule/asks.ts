import { daysWords } from '../calendar/day'
import { groupBy } from '../lists/groupBy'
import { SLOTS_PER_DAY } from '../calendar/slots'
import type { PlaceKind } from '../places/place'
import type { SiteState } from '../walk/siteState'
import { hiresOf } from './hires'
import type { Span } from './instance'
import type { Link } from './links'
import { openingsOf, type Opening } from './openings'
import type { Sense } from './sense'
import { servicesOf, type ServiceSpan } from './services'
import type { Visit } from './visits'

/** An opening of a site, with the nights that it may stand open. */
export type SiteOpening = Opening & { readonly siteId: string; readonly most: number }

/** What should not last long, with the span that the search knows of it. */
export type Ask = { readonly span: Span; readonly siteId: string } & (
  | { readonly kind: 'opening' }
  | { readonly kind: 'without'; readonly service: ServiceSpan }
  | { readonly kind: 'soon'; readonly link: Link }
  | { readonly kind: 'hire'; readonly entryId: string; readonly uses: readonly number[] }
  | { readonly kind: 'protection' | 'stripped' }
)

interface AskedSite {
  readonly id: string
  readonly livedIn: boolean
  readonly sense: Sense
  readonly state: SiteState
}

/** Days for which what protects may lie before it is needed. */
const PROTECTED_DAYS = 5

/** Days that a room may stand torn out where people live before somebody goes on in it. */
const STRIPPED_DAYS = 5
/** What each half-day more costs, in half-days of the site's end: no end is given up for it. */
const STRIPPED_PRICE = 0.01

/** What each half-day of a hire costs, in half-days of the site's end: no end is given up for it. */
const HIRE_PRICE = 0.01

/** All that a site asks of its plan beside order and crews.
 * @param first the number of the first visit among those of all sites; what is returned counts from there
 * @param links of the site */
export function asksOf(
  site: AskedSite,
  visits: readonly Visit[],
  first: number,
  links: readonly Link[],
): { readonly openings: readonly SiteOpening[]; readonly asks: readonly Ask[] } {
  const siteId = site.id
  const following = groupBy(links, ({ from }) => from)
  /** The visits that follow on one, by their numbers on the site. */
  const after = (index: number): number[] => (following.get(first + index) ?? []).map(({ to }) => to - first)
  const kinds = new Map(site.state.places.map(({ id, kind }) => [id, kind]))
  const numbered = (its: readonly number[]): number[] => its.map((index) => first + index)
  const openings = openingsOf(visits, site.state).map((one): SiteOpening => ({
    ...one,
    opens: numbered(one.opens),
    closes: numbered(one.closes),
    siteId,
    most: site.sense.nights[one.sort],
  }))
  return {
    openings,
    asks: [
      ...openings
        .filter(({ closes }) => closes.length > 0)
        .map((one): Ask => ({ kind: 'opening', siteId, span: nights(one.opens, one.closes, one.most) })),
      ...links.flatMap((link): Ask[] =>
        link.most === undefined
          ? []
          : [
              {
                kind: 'soon',
                siteId,
                link,
                span: { opens: [link.from], closes: [link.to], most: link.most, counts: 'between' },
              },
            ],
      ),
      // Protection goes in when it is needed: it is in the way until then.
      ...visits.flatMap(({ begun, stages }, index): Ask[] => {
        if (begun || stages.some((stage) => stage !== 'protect')) return []
        const next = numbered(after(index))
        return next.length === 0
          ? []
          : [{ kind: 'protection', siteId, span: nights([first + index], next, PROTECTED_DAYS) }]
      }),
      // Where people live a room is not torn out weeks before anybody goes on in it, and no face anywhere.
      ...visits.flatMap(({ begun, stages, placeIds }, index): Ask[] => {
        if (begun || stages.some((stage) => stage !== 'strip-out')) return []
        const all = (kind: PlaceKind): boolean => placeIds.every((id) => kinds.get(id) === kind)
        const next = numbered(after(index).filter((to) => !visits[to]!.stages.includes('return-list')))
        return !((site.livedIn && all('room')) || all('face')) || next.length === 0
          ? []
          : [
              {
                kind: 'stripped',
                siteId,
                span: { ...nights([first + index], next, STRIPPED_DAYS), price: STRIPPED_PRICE },
              },
            ]
      }),
      // What is hired stands no longer than its work takes.
      ...hiresOf(visits, site).map(({ entryId, takes, brings, uses }): Ask => ({
        kind: 'hire',
        siteId,
        entryId,
        uses: numbered(uses),
        span: { opens: numbered(takes), closes: numbered(brings), most: 0, counts: 'whole', price: HIRE_PRICE },
      })),
      ...servicesOf(visits, site).map((service): Ask => ({
        kind: 'without',
        siteId,
        service,
        // A day over what it should be costs a day of the site's end.
        span: {
          opens: numbered(service.takes),
          closes: numbered(service.brings),
          most: service.most * SLOTS_PER_DAY,
          counts: 'whole',
          price: 1,
        },
      })),
    ],
  }
}

const nights = (opens: readonly number[], closes: readonly number[], most: number): Span => ({
  opens,
  closes,
  most: most * SLOTS_PER_DAY,
  counts: 'nights',
})

/** The only kitchen and the only bathroom of a house, by the numbers of their asks: better not both at once. */
export const apartOf = (asks: readonly Ask[]): readonly (readonly [number, number])[] =>
  asks.flatMap((one, i) =>
    asks.flatMap((other, j) =>
      i < j && isUsual(one) && isUsual(other) && one.siteId === other.siteId ? [[i, j] as const] : [],
    ),
  )
const isUsual = (ask: Ask): boolean => ask.kind === 'without' && !ask.service.promised

/** What something waits for the sake of. */
export function soThat(ask: Ask): string {
  switch (ask.kind) {
    case 'opening':
      return 'so that nothing stands open'
    case 'without':
      return `so that ${ask.service.what.toLowerCase()} is off no longer than it must`
    case 'protection':
      return 'so that it is in nobody’s way before it is needed'
    case 'hire':
      return 'so that what is hired stands no longer than it must'
    case 'stripped':
      return 'so that nothing stands torn out for weeks'
    case 'soon':
      return `to be followed within ${daysWords(ask.link.most! / SLOTS_PER_DAY)}`
  }
}
