'use client'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { addDays, dateOnly, daysBetween, shortDay, type Day } from '@/core/calendar/day'
import { stageHue } from '../shared/stageHue'
import type { PlanChange } from '@/core/schedule/planChange'
import { lanesOf, type Bar as BarOf } from '@/core/schedule/lanes'
import { useStretch } from './useStretch'
import { useWhatIf } from './useWhatIf'
import type { PlanProps, VisitView } from './types'
import type { Asked } from './VisitPanel'
import styles from './PlanPicture.module.css'

type Bar = BarOf<VisitView>

const DAY_WIDTH = 52
const HALF = DAY_WIDTH / 2
const LANE = 34
const NAME_WIDTH = 150
/** Width of a letter on a bar, for deciding whether its word fits. */
const LETTER = 7.6

const ASKED_BY: Readonly<Record<string, Asked['what']>> = { h: 'hold', s: 'swap', p: 'split' }

interface PictureProps extends PlanProps {
  readonly chosen: string | null
  readonly onChoose: (key: string) => void
  readonly onChange: (change: PlanChange) => void
  readonly onAsk: (asked: Asked) => void
  readonly onUndo: () => Promise<void>
}

/** Places or crews down, days across, visits as bars with the word on them. Only the crew in focus shows its thread. */
export function PlanPicture({
  rows,
  visits,
  days,
  from,
  today,
  chosen,
  onChoose,
  onChange,
  onAsk,
  onUndo,
  site,
}: PictureProps) {
  const bars = useRef(new Map<string, HTMLButtonElement>())
  const picture = useRef<HTMLDivElement>(null)
  const [nearFrom, nearTo] = useStretch(picture)
  /** The bar that the keys went to: drawn wherever it is, so that it can be focused. */
  const [wanted, setWanted] = useState<string | null>(null)
  const whatIf = useWhatIf((id) => visits.find(({ siteId }) => siteId === id)?.site)
  const [shift, setShift] = useState<{ key: string; halves: number } | null>(null)
  const byKey = useMemo(() => new Map(visits.map((visit) => [visit.key, visit])), [visits])
  const laid = useMemo(
    () =>
      rows.map((row) => ({
        row,
        ...lanesOf(
          row.visitKeys.flatMap((key) => byKey.get(key) ?? []),
          from,
        ),
      })),
    [rows, byKey, from],
  )
  const order = useMemo(
    () =>
      laid.flatMap(({ row, bars: its }) => its.map((bar) => ({ id: `${row.id}/${bar.visit.key}`, row: row.id, bar }))),
    [laid],
  )
  useEffect(() => {
    if (wanted) bars.current.get(wanted)?.focus()
  }, [wanted])
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
  const onKey = (event: KeyboardEvent, id: string, bar: Bar): void => {
    const moving = shift?.key === bar.visit.key
    const steps: Record<string, number> = { ArrowRight: 1, ArrowLeft: -1 }
    const step = steps[event.key]
    if (moving && step) shiftBy(bar, shift.halves + step)
    else if (moving && event.key === 'Enter') askMove(bar, shift.halves)
    else if (moving && event.key === 'Escape') leave()
    else if (event.key === 'm') setShift({ key: bar.visit.key, halves: 0 })
    else if (ASKED_BY[event.key]) onAsk({ what: ASKED_BY[event.key]! })
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
    isNear(NAME_WIDTH + bar.first * HALF, bar.length * HALF) ||
    bar.visit.key === chosen ||
    bar.visit.key === shift?.key ||
    `${row}/${bar.visit.key}` === wanted
  const width = days.length * DAY_WIDTH
  const todayAt = daysBetween(from, today) * DAY_WIDTH
  return (
    <div ref={picture} className={styles.picture} style={{ width: NAME_WIDTH + width }}>
      <div className={styles.weeks} style={{ marginLeft: NAME_WIDTH }} aria-hidden="true">
        {days
          .filter((_, i) => i % 7 === 0)
          .map(({ day }) => (
            <span key={day} style={{ width: DAY_WIDTH * 7 }}>
              {dateOnly(day)} to {dateOnly(addDays(day, 4))}
            </span>
          ))}
      </div>
      <div className={styles.body}>
        {days.map(
          ({ day, works }, i) =>
            isNear(NAME_WIDTH + i * DAY_WIDTH, DAY_WIDTH) && (
              <span
                key={day}
                aria-hidden="true"
                className={`${styles.day} ${works ? '' : styles.off}`}
                style={{ left: NAME_WIDTH + i * DAY_WIDTH, width: DAY_WIDTH }}
              />
            ),
        )}
        <span className={styles.today} style={{ left: NAME_WIDTH + todayAt }} aria-hidden="true">
          <b>today</b>
        </span>
        {inFocus && <Thread laid={laid} crewId={inFocus.crewId} width={NAME_WIDTH + width} />}
        {laid.map(({ row, bars: its, lanes }, i) => (
          <div
            key={row.id}
            role="group"
            aria-label={row.name}
            className={styles.row}
            style={{ height: lanes * LANE + 8 }}
          >
            <div className={styles.name}>
              {(i === 0 || rows[i - 1]!.group !== row.group) && <small>{row.group}</small>}
              {row.name}
            </div>
            {its
              .filter((bar) => isShown(row.id, bar))
              .map((bar) => (
                <VisitBar
                  key={bar.visit.key}
                  bar={bar}
                  today={today}
                  label={site ? bar.visit.title : bar.visit.site}
                  room={roomAfter(bar, its)}
                  gate={row.gates.find((gate) => gate.visitKey === bar.visit.key)?.words ?? null}
                  chosen={chosen === bar.visit.key}
                  resting={inFocus !== undefined && inFocus.crewId !== bar.visit.crewId}
                  shift={shift?.key === bar.visit.key ? shift.halves : 0}
                  first={order[0]?.id === `${row.id}/${bar.visit.key}`}
                  hold={(element) => element && bars.current.set(`${row.id}/${bar.visit.key}`, element)}
                  onChoose={() => onChoose(bar.visit.key)}
                  onKey={(event) => onKey(event, `${row.id}/${bar.visit.key}`, bar)}
                  onDrag={(halves, dropped) => (dropped ? askMove(bar, halves) : shiftBy(bar, halves))}
                />
              ))}
          </div>
        ))}
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

function roomAfter(bar: Bar, bars: readonly Bar[]): number {
  const next = bars
    .filter((other) => other.lane === bar.lane && other.first > bar.first)
    .reduce((least, other) => Math.min(least, other.first), Number.POSITIVE_INFINITY)
  return (next - bar.first - bar.length) * HALF
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

interface BarProps {
  readonly bar: Bar
  readonly today: Day
  readonly label: string
  /** Free pixels between this bar and the next of its lane. */
  readonly room: number
  readonly gate: string | null
  readonly chosen: boolean
  readonly resting: boolean
  readonly shift: number
  readonly first: boolean
  readonly hold: (element: HTMLButtonElement | null) => void
  readonly onChoose: () => void
  readonly onKey: (event: KeyboardEvent) => void
  readonly onDrag: (halves: number, dropped: boolean) => void
}

function VisitBar({ bar, label, room, gate, chosen, resting, shift, first, hold, onChoose, onKey, onDrag }: BarProps) {
  const dragFrom = useRef<number | null>(null)
  const { visit } = bar
  const booking = visit.booking?.state
  const state =
    booking === 'confirmed'
      ? 'confirmed'
      : booking === 'declined'
        ? 'declined'
        : booking === 'told'
          ? 'told'
          : 'not told'
  const mark = booking === 'confirmed' ? '✓ ' : booking === 'declined' ? '✗ ' : ''
  const width = bar.length * HALF - 2
  const needs = label.length * LETTER + 14
  const short = width < needs + (mark ? 14 : 0)
  const outside = short && room >= needs
  const halvesOf = (event: PointerEvent): number => Math.round((event.clientX - dragFrom.current!) / HALF)
  return (
    <button
      type="button"
      ref={hold}
      tabIndex={first || chosen ? 0 : -1}
      className={[
        styles.bar,
        chosen ? styles.chosen : '',
        resting ? styles.resting : '',
        booking === 'confirmed' ? styles.confirmed : '',
        booking === 'declined' ? styles.declined : '',
        gate ? styles.gated : '',
        outside ? styles.open : '',
      ].join(' ')}
      style={
        {
          left: NAME_WIDTH + (bar.first + shift) * HALF + 1,
          width,
          top: bar.lane * LANE + 5,
          '--hue': stageHue(visit.stage),
        } as React.CSSProperties
      }
      aria-label={`${visit.title}, ${visit.places}, ${visit.when}, ${visit.crew}, ${state}${gate ? `, ${gate}` : ''}`}
      title={`${visit.title}, ${visit.places}: ${shortDay(visit.startDay)}${gate ? `. ${gate}` : ''}`}
      onClick={onChoose}
      onFocus={onChoose}
      onKeyDown={onKey}
      onPointerDown={(event) => {
        dragFrom.current = event.clientX
        event.currentTarget.setPointerCapture(event.pointerId)
      }}
      onPointerMove={(event) => {
        if (dragFrom.current !== null && halvesOf(event) !== 0) onDrag(halvesOf(event), false)
      }}
      onPointerUp={(event) => {
        if (dragFrom.current !== null && halvesOf(event) !== 0) onDrag(halvesOf(event), true)
        dragFrom.current = null
      }}
    >
      {mark}
      {outside ? (
        <span className={styles.beside}>{label}</span>
      ) : short ? (
        label.slice(0, Math.max(0, Math.floor((width - 12 - (mark ? 14 : 0)) / LETTER)))
      ) : (
        label
      )}
    </button>
  )
}

/** The way of one crew from visit to visit. */
function Thread({
  laid,
  crewId,
  width,
}: {
  laid: readonly { bars: readonly Bar[]; lanes: number }[]
  crewId: string | null
  width: number
}) {
  let top = 0
  const points: { from: number; to: number; y: number }[] = []
  for (const { bars, lanes } of laid) {
    for (const bar of bars) {
      if (bar.visit.crewId === crewId)
        points.push({
          from: NAME_WIDTH + bar.first * HALF,
          to: NAME_WIDTH + (bar.first + bar.length) * HALF,
          y: top + bar.lane * LANE + 19,
        })
    }
    top += lanes * LANE + 9
  }
  points.sort((a, b) => a.from - b.from)
  return (
    <svg className={styles.thread} width={width} height={top} aria-hidden="true">
      {points.slice(1).map((point, i) => {
        const before = points[i]!
        const middle = (before.to + point.from) / 2
        return (
          <path
            key={i}
            d={`M${before.to} ${before.y} C${middle + 14} ${before.y}, ${middle - 14} ${point.y}, ${point.from} ${point.y}`}
          />
        )
      })}
    </svg>
  )
}
