'use client'
import { DndContext, MouseSensor, TouchSensor, useSensor, useSensors, type DragMoveEvent } from '@dnd-kit/core'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import Button from 'react-bootstrap/Button'
import ButtonGroup from 'react-bootstrap/ButtonGroup'
import { addDays, dateOnly, daysBetween, monthWords, type Day } from '@/core/calendar/day'
import type { PlanChange } from '@/core/schedule/planChange'
import { groupBy } from '@/core/lists/groupBy'
import { lanesOf, type Bar as BarOf } from '@/core/schedule/lanes'
import { isTyping } from '../shared/Shortcuts'
import { HowToRead } from './HowToRead'
import { Loads } from './Loads'
import { dayWidth, LANE, NAME_WIDTH, STRETCHES, type StretchId } from './measures'
import { Thread } from './Thread'
import { useStretch } from './useStretch'
import { useWhatIf } from './useWhatIf'
import type { PlanProps, VisitView } from './types'
import { VisitBar, type Dragged } from './VisitBar'
import type { Asked } from './VisitPanel'
import styles from './PlanPicture.module.css'

type Bar = BarOf<VisitView>
type Row = PlanProps['rows'][number]

/** What is taken before the window is known. */
const WIDE_AT_FIRST = 1080
/** A week that is narrower has its first day alone over it, and its month above that. */
const WIDE_WEEK = 110

const ASKED_BY: Readonly<Record<string, Asked['what']>> = { h: 'hold', s: 'swap', p: 'split' }

/** A mouse drags once it moves, a finger once it rests: until then it scrolls. */
const A_PUSH = { activationConstraint: { distance: 4 } }
const A_HOLD = { activationConstraint: { delay: 250, tolerance: 6 } }
/** The board says itself what a move does. */
const SAYS_NOTHING = (): undefined => undefined
const SILENT = {
  announcements: {
    onDragStart: SAYS_NOTHING,
    onDragOver: SAYS_NOTHING,
    onDragEnd: SAYS_NOTHING,
    onDragCancel: SAYS_NOTHING,
  },
  screenReaderInstructions: { draggable: '' },
}

interface PictureProps extends PlanProps {
  readonly chosen: string | null
  readonly onChoose: (key: string) => void
  readonly onChange: (change: PlanChange) => void
  readonly onAsk: (key: string, asked: Asked) => void
  readonly onUndo: () => Promise<void>
}

/** All that is left of the job in the window, or a closer look: places, crews or sites down, days across, visits as bars. Only
 * the crew of the chosen visit shows its thread. */
export function PlanPicture(props: PictureProps) {
  const { visits, days, from, today, chosen, onChoose, onChange, onAsk, onUndo, site, without } = props
  const bars = useRef(new Map<string, HTMLButtonElement>())
  const picture = useRef<HTMLDivElement>(null)
  const [nearFrom, nearTo, wide] = useStretch(picture)
  const [stretch, setStretch] = useState<StretchId>('fit')
  const [bySite, setBySite] = useState(false)
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set())
  /** The bar that the keys went to: drawn wherever it is, so that it can be focused. */
  const [wanted, setWanted] = useState<string | null>(null)
  const [looked, setLooked] = useState<VisitView | null>(null)
  const whatIf = useWhatIf((id) => visits.find(({ siteId }) => siteId === id)?.site)
  const [shift, setShift] = useState<{ key: string; halves: number } | null>(null)
  const sensors = useSensors(useSensor(MouseSensor, A_PUSH), useSensor(TouchSensor, A_HOLD))
  const width1 = dayWidth(stretch, (wide || WIDE_AT_FIRST) - NAME_WIDTH - 2, days.length)
  const half = width1 / 2
  const byKey = useMemo(() => new Map(visits.map((visit) => [visit.key, visit])), [visits])
  const rows = useMemo(() => (bySite ? siteRows(visits) : props.rows), [bySite, visits, props.rows])
  const byCrew = useMemo(() => groupBy(visits, ({ crewId }) => crewId), [visits])
  const laid = useMemo(
    () =>
      rows.map((row) => {
        const its = row.visitKeys?.flatMap((key) => byKey.get(key) ?? []) ?? byCrew.get(row.id) ?? []
        const own = lanesOf(its, from)
        return folded.has(row.id)
          ? { row, bars: own.bars.map((bar) => ({ ...bar, lane: 0 })), lanes: 1 }
          : { row, ...own }
      }),
    [rows, byKey, byCrew, from, folded],
  )
  const order = useMemo(
    () =>
      laid.flatMap(({ row, bars: its }) => its.map((bar) => ({ id: `${row.id}/${bar.visit.key}`, row: row.id, bar }))),
    [laid],
  )
  useEffect(() => {
    if (wanted) bars.current.get(wanted)?.focus()
  }, [wanted])
  const zoom = (next: StretchId): void => {
    setStretch(next)
    const box = picture.current?.parentElement
    const at = daysBetween(from, chosen ? byKey.get(chosen)!.startDay : today)
    const widthThen = dayWidth(next, (wide || WIDE_AT_FIRST) - NAME_WIDTH - 2, days.length)
    window.setTimeout(() => box?.scrollTo({ left: Math.max(0, (at - 1) * widthThen) }))
  }
  useEffect(() => {
    const onZoomKey = (event: globalThis.KeyboardEvent): void => {
      if ((event.key !== '+' && event.key !== '-') || isTyping(event)) return
      const at = STRETCHES.findIndex(({ id }) => id === stretch) + (event.key === '+' ? 1 : -1)
      if (STRETCHES[at]) zoom(STRETCHES[at].id)
    }
    window.addEventListener('keydown', onZoomKey)
    return () => window.removeEventListener('keydown', onZoomKey)
  })
  const isNear = (left: number, width: number): boolean => left + width >= nearFrom && left <= nearTo
  const inFocus = chosen ? byKey.get(chosen) : undefined

  const startOf = (bar: Bar, halves: number) => {
    const half = bar.first + halves
    return { day: addDays(from, Math.floor(half / 2)), half: (((half % 2) + 2) % 2) as 0 | 1 }
  }
  const shiftBy = (bar: Bar, halves: number): void => {
    setShift({ key: bar.visit.key, halves })
    const { day, half } = startOf(bar, halves)
    if (halves !== 0 && day >= today) whatIf.ask(bar.visit.key, day, half)
  }
  const leave = (): void => {
    setShift(null)
    whatIf.forget()
  }
  const askMove = (bar: Bar, halves: number): void => {
    leave()
    if (halves !== 0) onChange({ kind: 'move', visitKey: bar.visit.key, ...startOf(bar, halves) })
  }
  const dragged = ({ active, delta }: DragMoveEvent): [Bar, number] => [
    (active.data.current as Dragged).bar,
    Math.round(delta.x / half),
  ]
  const onKey = (event: KeyboardEvent, id: string, bar: Bar): void => {
    const moving = shift?.key === bar.visit.key
    const steps: Record<string, number> = { ArrowRight: 1, ArrowLeft: -1 }
    const step = steps[event.key]
    if (moving && step) shiftBy(bar, shift.halves + step)
    else if (moving && event.key === 'Enter') askMove(bar, shift.halves)
    else if (moving && event.key === 'Escape') leave()
    else if (event.key === 'm') setShift({ key: bar.visit.key, halves: 0 })
    else if (ASKED_BY[event.key]) onAsk(bar.visit.key, { what: ASKED_BY[event.key]! })
    else if (event.key === 'u') void onUndo()
    else if (step || event.key === 'ArrowUp' || event.key === 'ArrowDown') focusNext(id, event.key)
    else return
    event.preventDefault()
  }
  const focusNext = (id: string, key: string): void => {
    const at = order.findIndex((one) => one.id === id)
    const here = order[at]!
    const rowsInOrder = [...new Set(order.map((one) => one.row))]
    const target =
      key === 'ArrowRight'
        ? order[at + 1]
        : key === 'ArrowLeft'
          ? order[at - 1]
          : nearest(order, rowsInOrder[rowsInOrder.indexOf(here.row) + (key === 'ArrowDown' ? 1 : -1)], here.bar.first)
    if (!target) return
    bars.current.get(target.id)?.focus()
    setWanted(target.id)
  }

  const isShown = (row: string, bar: Bar): boolean =>
    isNear(NAME_WIDTH + bar.first * half, bar.length * half) ||
    bar.visit.key === chosen ||
    bar.visit.key === shift?.key ||
    `${row}/${bar.visit.key}` === wanted
  const width = days.length * width1
  const todayAt = daysBetween(from, today) * width1
  const off = (on: Day): number => NAME_WIDTH + daysBetween(from, on) * width1
  return (
    <div className={styles.frame}>
      <div className={styles.tools}>
        <ButtonGroup size="sm" aria-label="How much of the plan is shown">
          {STRETCHES.map(({ id, words }) => (
            <Button
              key={id}
              variant="outline-secondary"
              active={id === stretch}
              aria-pressed={id === stretch}
              onClick={() => zoom(id)}
            >
              {words}
            </Button>
          ))}
        </ButtonGroup>
        {!site && (
          <ButtonGroup size="sm" aria-label="What the rows are">
            <Button
              variant="outline-secondary"
              active={!bySite}
              aria-pressed={!bySite}
              onClick={() => setBySite(false)}
            >
              By trade
            </Button>
            <Button variant="outline-secondary" active={bySite} aria-pressed={bySite} onClick={() => setBySite(true)}>
              By site
            </Button>
          </ButtonGroup>
        )}
        <p className={styles.looked} aria-hidden="true">
          {looked && wordsOf(looked)}
        </p>
        <HowToRead />
      </div>
      <div className={styles.box} tabIndex={0} role="region" aria-label="Plan">
        <div ref={picture} className={styles.picture} style={{ width: NAME_WIDTH + width }}>
          <div className={styles.heads} style={{ paddingLeft: NAME_WIDTH }} aria-hidden="true">
            <div>
              {monthsOf(days).map(({ month, count }) => (
                <span key={month} style={{ width: count * width1 }}>
                  {count * width1 > 60 && month}
                </span>
              ))}
            </div>
            <div>
              {weeksOf(days).map((week) => (
                <span key={week[0]!.day} style={{ width: width1 * 7 }}>
                  {width1 * 7 >= WIDE_WEEK ? worked(week) : width1 * 7 > 24 && Number(week[0]!.day.slice(8))}
                </span>
              ))}
            </div>
          </div>
          <div className={styles.body}>
            {days.map(
              ({ day, works }, i) =>
                (!works || i % 7 === 0 || width1 > 20) &&
                isNear(NAME_WIDTH + i * width1, width1) && (
                  <span
                    key={day}
                    aria-hidden="true"
                    className={`${styles.day} ${works ? '' : styles.off}`}
                    style={{ left: NAME_WIDTH + i * width1, width: width1 }}
                  />
                ),
            )}
            <span className={styles.today} style={{ left: NAME_WIDTH + todayAt }} aria-hidden="true">
              <b>today</b>
            </span>
            {without.length > 0 && (
              <div className={styles.row} style={{ height: LANE }} role="group" aria-label="What people are without">
                <div className={styles.name}>Without</div>
                {without.map((one) => (
                  <span
                    key={`${one.site} ${one.what}`}
                    className={styles.without}
                    style={{ left: off(one.from), width: Math.max(width1, off(addDays(one.until, 1)) - off(one.from)) }}
                    title={`${site ? '' : `${one.site}: `}no ${one.what}, ${dateOnly(one.from)} to ${dateOnly(one.until)}`}
                  >
                    {site ? '' : `${one.site}: `}no {one.what}
                  </span>
                ))}
              </div>
            )}
            {inFocus && <Thread laid={laid} crewId={inFocus.crewId} width={NAME_WIDTH + width} half={half} />}
            <DndContext
              id="plan"
              sensors={sensors}
              accessibility={SILENT}
              onDragMove={(event) => shiftBy(...dragged(event))}
              onDragEnd={(event) => askMove(...dragged(event))}
              onDragCancel={leave}
            >
              {laid.map(({ row, bars: its, lanes }, i) => (
                <div
                  key={row.id}
                  role="group"
                  aria-label={row.name}
                  className={styles.row}
                  style={{ height: lanes * LANE + 8 }}
                >
                  <div className={styles.name} title={row.name}>
                    {(i === 0 || rows[i - 1]!.group !== row.group) && <small>{row.group}</small>}
                    {bySite ? (
                      <Button
                        variant="link"
                        className="p-0 text-start text-reset"
                        aria-expanded={!folded.has(row.id)}
                        onClick={() => setFolded(toggled(folded, row.id))}
                      >
                        {row.name}
                      </Button>
                    ) : (
                      row.name
                    )}
                  </div>
                  {its
                    .filter((bar) => isShown(row.id, bar))
                    .map((bar) => (
                      <VisitBar
                        key={bar.visit.key}
                        bar={bar}
                        from={from}
                        half={half}
                        labels={labelsOf(bar.visit, site !== null || bySite)}
                        room={Math.min(roomAfter(bar, its), days.length * 2 - bar.first - bar.length) * half}
                        gate={row.gates.find((gate) => gate.visitKey === bar.visit.key)?.words ?? null}
                        chosen={chosen === bar.visit.key}
                        resting={inFocus !== undefined && inFocus.crewId !== bar.visit.crewId}
                        shift={shift?.key === bar.visit.key ? shift.halves : 0}
                        first={order[0]?.id === `${row.id}/${bar.visit.key}`}
                        hold={(element) => element && bars.current.set(`${row.id}/${bar.visit.key}`, element)}
                        onLook={setLooked}
                        onChoose={() => onChoose(bar.visit.key)}
                        onKey={(event) => onKey(event, `${row.id}/${bar.visit.key}`, bar)}
                        dragId={`${row.id}/${bar.visit.key}`}
                      />
                    ))}
                </div>
              ))}
            </DndContext>
            {!site && <Loads visits={visits} days={days} from={from} width1={width1} />}
          </div>
        </div>
      </div>
      {shift && whatIf.told && (
        <p className={styles.told} aria-hidden="true">
          {whatIf.told}
        </p>
      )}
      <p className="visually-hidden" aria-live="polite">
        {shift &&
          `Moving by ${shift.halves} half-days. ${whatIf.told ?? ''} Enter to see what follows, Escape to leave it.`}
      </p>
    </div>
  )
}

const wordsOf = (visit: VisitView): string =>
  `${visit.title}, ${visit.places}: ${visit.when}, ${visit.crew}${visit.was ? `. Was ${visit.was.words}` : ''}`

/** What a bar may say, the fullest first: whatever fits whole is taken. */
const labelsOf = (visit: VisitView, byWork: boolean): readonly string[] =>
  byWork ? [visit.title, visit.short] : [visit.site]

const toggled = (all: ReadonlySet<string>, one: string): ReadonlySet<string> =>
  new Set(all.has(one) ? [...all].filter((other) => other !== one) : [...all, one])

/** A row for each site, in the order of their first visits. */
const siteRows = (visits: readonly VisitView[]): readonly Row[] =>
  [...new Map(visits.map((visit) => [visit.siteId, visit.site]))].map(([id, name]) => ({
    id,
    name,
    group: '',
    visitKeys: visits.filter((visit) => visit.siteId === id).map(({ key }) => key),
    gates: [],
  }))

/** The days shown, week by week. */
const weeksOf = (days: PlanProps['days']): PlanProps['days'][] =>
  Array.from({ length: Math.ceil(days.length / 7) }, (_, i) => days.slice(i * 7, i * 7 + 7))

/** From the first day of a week that is worked to the last; of one that is off, the whole. */
function worked(week: PlanProps['days']): string {
  const on = week.filter(({ works }) => works)
  const [first, last] = [on[0] ?? week[0]!, on.at(-1) ?? week.at(-1)!]
  return first === last ? dateOnly(first.day) : `${dateOnly(first.day)} to ${dateOnly(last.day)}`
}

/** The months of some days, with how many of the days each has. */
function monthsOf(days: PlanProps['days']): { month: string; count: number }[] {
  const months = new Map<string, number>()
  for (const { day } of days) {
    const month = monthWords(day)
    months.set(month, (months.get(month) ?? 0) + 1)
  }
  return [...months].map(([month, count]) => ({ month, count }))
}

/** Half-days that are free between a bar and the next of its lane. */
function roomAfter(bar: Bar, bars: readonly Bar[]): number {
  const next = bars
    .filter((other) => other.lane === bar.lane && other.first > bar.first)
    .reduce((least, other) => Math.min(least, other.first), Number.POSITIVE_INFINITY)
  return next - bar.first - bar.length
}

const nearest = <T extends { readonly row: string; readonly bar: Bar }>(
  order: readonly T[],
  row: string | undefined,
  first: number,
): T | undefined =>
  order
    .filter((one) => one.row === row)
    .reduce<T | undefined>(
      (best, one) => (!best || Math.abs(one.bar.first - first) < Math.abs(best.bar.first - first) ? one : best),
      undefined,
    )
