import { daysWords, type Day } from '../calendar/day'
import { slotOfDay } from '../calendar/slots'
import { addWorkingDays, type WorkCalendar } from '../calendar/workingDays'
import { TRADES } from '../scope/vocabulary'
import type { Release } from './holds'
import type { Visit } from './visits'

interface Caller {
  readonly id: string
  readonly name: string
  readonly own?: boolean
  readonly noticeDays?: number | undefined
}

/** Keeps first comings far enough ahead: nobody from outside comes before there was time to call them. Who is at work on the
 * site, or knows that they come to it, was called.
 * @param crewOf who does a visit
 * @param booked what a visit's people were told or said
 * @returns what holds a visit for that; null where nothing does */
export function noticeOf(
  visits: readonly Visit[],
  { calendar, sense }: { readonly calendar: WorkCalendar; readonly sense: { readonly noticeDays: number } },
  crewOf: (visit: Visit) => Caller | null,
  booked: (visit: Visit) => { readonly state: 'told' | 'confirmed' | 'declined' } | undefined,
  today: Day,
): (visit: Visit) => Release | null {
  const knows = (visit: Visit): boolean =>
    visit.begun || (booked(visit) !== undefined && booked(visit)!.state !== 'declined')
  const called = new Set(visits.filter(knows).map((visit) => crewOf(visit)?.id))
  return (visit) => {
    const crew = crewOf(visit)
    const days = crew?.noticeDays ?? sense.noticeDays
    if (days === 0 || crew?.own || visit.begun || booked(visit) || (crew && called.has(crew.id))) return null
    return {
      slot: slotOfDay(today, addWorkingDays(today, days, calendar)),
      words: `${daysWords(days)} of notice for ${crew?.name ?? `a ${TRADES[visit.trade].toLowerCase()}`}`,
      kind: 'notice',
    }
  }
}
