'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import { CheckLg, Circle } from 'react-bootstrap-icons'
import { addDays, FIRST_DAY, isDay, LAST_DAY, type Day } from '@/core/calendar/day'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { Fold } from '../shared/Fold'
import { FormError } from '../shared/FormError'
import { ReadChoice, ReadWords } from '../shared/ReadFields'
import { ReadForm } from '../shared/ReadForm'
import { wordsIn } from '../shared/typed'
import { useAsked } from '../shared/useAsked'
import { useSend } from '../shared/useSend'
import type { PlanChange } from '@/core/schedule/planChange'
import { HoldForm, SplitForm, SwapForm } from './ChangeForms'
import type { VisitDetails, VisitView } from './types'

const BOOKING_WORDS = {
  told: 'Told, not yet confirmed',
  confirmed: 'Confirmed',
  declined: 'Declined',
} as const

/** What is asked of a visit by a key; each press is one of its own. */
export interface Asked {
  readonly what: 'hold' | 'swap' | 'split'
}

/** One visit: why then, what waits for it, who does it, and moving it. */
export function VisitPanel({
  visit,
  others,
  asked,
  onChange,
  onClose,
}: {
  visit: VisitView
  /** Those that it may be swapped with. */
  others: readonly VisitView[]
  /** What a key asked for. */
  asked: Asked | null
  onChange: (change: PlanChange) => void
  onClose: () => void
}) {
  const url = `/api/plan/visit?key=${encodeURIComponent(visit.key)}`
  const answer = useAsked<VisitDetails>(url, visit)
  const details = answer?.url === url ? answer.data : null
  return (
    <>
      <div className="d-flex justify-content-between gap-2 align-items-start">
        <h2>
          {visit.title}, {visit.places}
        </h2>
        <Button size="sm" variant="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
      <p>
        {visit.when}, {visit.crewId ? <a href={`/plan/trades/${visit.crewId}`}>{visit.crew}</a> : visit.crew}
        {visit.people > 1 && `, ${visit.people} people`}, <span className="measure">{visit.hours} h</span>
        {visit.setUp > 0 && (
          <>
            {' '}
            and <span className="measure">{visit.setUp} h</span> to set up
          </>
        )}
        . <span className="soft">{visit.site}</span>
      </p>
      <div aria-live="polite">{details && <Details {...details} />}</div>
      <BookingState visit={visit} />
      <MoveForm key={visit.key} visit={visit} onChange={onChange} />
      <SlipForm key={`slip ${visit.key}`} visit={visit} onChange={onChange} />
      <OnRequest key={`hold ${visit.key}`} words="Hold it" asked={asked?.what === 'hold' ? asked : null}>
        <HoldForm visit={visit} onChange={onChange} />
      </OnRequest>
      <OnRequest key={`swap ${visit.key}`} words="Swap it with another" asked={asked?.what === 'swap' ? asked : null}>
        <SwapForm visit={visit} others={others} onChange={onChange} />
      </OnRequest>
      <OnRequest
        key={`split ${visit.key}`}
        words="Split it in two comings"
        asked={asked?.what === 'split' ? asked : null}
      >
        {details && <SplitForm visit={visit} work={details.work} onChange={onChange} />}
      </OnRequest>
    </>
  )
}

/** Why it is then, what it needs and what waits for it. */
const Details = (details: VisitDetails) => (
  <>
    <h3>Why then?</h3>
    <p>
      {details.why} {details.boundBy && <span className="soft">({details.boundBy})</span>}
    </p>
    {details.sky.map((words) => (
      <p key={words} className="due">
        {words}
      </p>
    ))}
    {details.comings.length > 0 && <p className="soft">{details.comings.join('; ')}.</p>}
    <h3>{details.needs.every(({ cleared }) => cleared) ? 'Ready' : 'Not ready yet'}</h3>
    <ul className="list-unstyled">
      {details.needs.map(({ words, cleared }) => (
        <li key={words} className={cleared ? 'soft' : undefined}>
          {cleared ? <CheckLg aria-label="Cleared" /> : <Circle aria-label="Open" />} {words}
        </li>
      ))}
    </ul>
    {details.waiting.length > 0 && (
      <>
        <h3>What waits for it</h3>
        <ul>
          {details.waiting.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      </>
    )}
    <h3>Work</h3>
    <ul>
      {details.work.map(({ id, words }) => (
        <li key={id}>{words}</li>
      ))}
    </ul>
  </>
)

/** A form that opens when it is asked for, and takes the keys then. */
function OnRequest({ words, asked, children }: { words: string; asked: Asked | null; children: ReactNode }) {
  const fields = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (asked) fields.current?.querySelector<HTMLElement>('input, select')?.focus()
  }, [asked])
  return (
    <Fold open={asked} className="mt-2" title={words}>
      <div ref={fields}>{children}</div>
    </Fold>
  )
}

function BookingState({ visit }: { visit: VisitView }) {
  const router = useRouter()
  const { busy, error, run } = useSend()
  const act = async (url: string, body: unknown): Promise<void> => {
    if ((await run(url, body)) !== null) router.refresh()
  }
  return (
    <>
      <h3>Booking</h3>
      <p className={visit.booking?.state === 'declined' ? 'late' : undefined}>
        {visit.booking
          ? `${BOOKING_WORDS[visit.booking.state]} for ${visit.booking.told}.${visit.booking.reason ? ` ${visit.booking.reason}` : ''}`
          : 'Nobody was told yet.'}
        {visit.pinned && ' Pinned by hand.'}
      </p>
      <FormError error={error} />
      {visit.crewId && (
        <Button
          size="sm"
          variant="quiet"
          disabled={busy}
          onClick={() => void act('/api/tell', { visitKeys: [visit.key] })}
        >
          {visit.booking ? 'Tell them this date' : 'Ask them for this date'}
        </Button>
      )}{' '}
      {visit.pinned && (
        <Button
          size="sm"
          variant="quiet"
          disabled={busy}
          onClick={() => void act('/api/plan/unpin', { visitKey: visit.key })}
        >
          Unpin
        </Button>
      )}
    </>
  )
}

/** A visit that will not be ready: the same question, asked in days. */
const SlipForm = ({ visit, onChange }: { visit: VisitView; onChange: (change: PlanChange) => void }) => (
  <ReadForm
    className="mt-3"
    read={(typed) => daysLate(wordsIn(typed)('days'))}
    onRead={(late) =>
      onChange({ kind: 'move', visitKey: visit.key, day: addDays(visit.startDay, late), half: visit.startHalf })
    }
  >
    <h3>If it slips</h3>
    <div className="d-flex gap-2 flex-wrap align-items-end">
      <ReadWords id="slip-days" name="days" label="By how many days" inputMode="numeric" defaultValue="1" />
      <Button type="submit" variant="quiet">
        Who is moved
      </Button>
    </div>
  </ReadForm>
)

const MOST_DAYS_LATE = 120
/** @throws ImpossibleRequest where they are no days that a visit slips by */
function daysLate(typed: string): number {
  const days = Number(typed)
  if (!Number.isInteger(days) || days < 1 || days > MOST_DAYS_LATE)
    throw new ImpossibleRequest('days', `By how many days: write whole days, from 1 to ${MOST_DAYS_LATE}.`, 'days')
  return days
}

const MoveForm = ({ visit, onChange }: { visit: VisitView; onChange: (change: PlanChange) => void }) => (
  <ReadForm
    className="mt-3"
    read={(typed) => ({ day: dayTyped(wordsIn(typed)('day')), half: wordsIn(typed)('half') === '1' ? 1 : 0 }) as const}
    onRead={(to) => onChange({ kind: 'move', visitKey: visit.key, ...to })}
  >
    <h3>Move it</h3>
    <div className="d-flex gap-2 flex-wrap align-items-end">
      <ReadWords
        id="move-day"
        name="day"
        label="Day"
        type="date"
        min={FIRST_DAY}
        max={LAST_DAY}
        defaultValue={visit.startDay}
      />
      <ReadChoice id="move-half" name="half" label="Half" defaultValue={visit.startHalf}>
        <option value={0}>morning</option>
        <option value={1}>afternoon</option>
      </ReadChoice>
      <Button type="submit" variant="quiet">
        See what follows
      </Button>
    </div>
  </ReadForm>
)

/** @throws ImpossibleRequest where it is no day that can be planned */
function dayTyped(typed: string): Day {
  if (!isDay(typed)) throw new ImpossibleRequest('day', 'Day: choose one of the calendar.', 'day')
  return typed
}
