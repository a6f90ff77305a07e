'use client'
import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import Button from 'react-bootstrap/Button'
import dynamic from 'next/dynamic'
import { waitWords } from '@/core/walk/waits'
import { useEffect, useState } from 'react'
import { addDays } from '@/core/calendar/day'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { STAGES } from '@/core/scope/vocabulary'
import type { Line } from '@/core/scope/line'
import { coverGates, type GateItem } from '@/core/sequence/coverGate'
import { valueWords } from '@/core/entries/entry'
import { KEEP_FIELDS } from '@/core/entries/kinds/scope'
import { inOrder, LINE_ORDERS, type LineOrder } from '@/core/walk/lineOrder'
import { keepIsDue } from '@/core/walk/keepDue'
import type { NewFact } from '@/core/walk/observation'
import { saidOf } from '@/core/walk/siteState'
import { mistOf, seenWords } from '@/core/walk/mist'
import { Fold } from '../shared/Fold'
import type { Adding } from './sheetFact'
import { keepDrawings } from './keepDrawings'
import { Notices } from './HeldCount'
import { LineRow } from './LineRow'
import { DueToday } from './DueToday'
import { PlaceHead } from './PlaceHead'
import { Recorded } from './Recorded'
import type { WalkUnderWay } from './phoneStore'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** What is folded away at first is fetched once the place is on screen; without a network the phone has kept them. */
const loadSheet = () => import('./AddSheet').then((module) => module.AddSheet)
const AddSheet = dynamic(loadSheet, { ssr: false })
const RoomCard = dynamic(() => import('./RoomCard').then((module) => module.RoomCard), { ssr: false })
const WalkDrawings = dynamic(() => import('./WalkDrawings').then((module) => module.WalkDrawings), { ssr: false })

interface PlaceWalkProps {
  readonly site: SiteWalk
  readonly walk: WalkUnderWay
  readonly onEnd: () => void
}

/** One place of the walk: what is here now, what must be in before it is covered, what stays. */
export function PlaceWalk({ site, walk, onEnd }: PlaceWalkProps) {
  const { state, snapshot } = site
  const places = state.places
  const index = Math.max(
    0,
    places.findIndex((place) => place.id === walk.placeId),
  )
  const place = places[index]
  const [adding, setAdding] = useState<Adding | null>(null)
  const [order, setOrder] = useLineOrder()
  useEffect(() => {
    window.scrollTo(0, 0)
  }, [index])
  useEffect(() => {
    void loadSheet()
  }, [])
  useEffect(() => {
    void keepDrawings(snapshot.registers)
  }, [snapshot.registers])
  if (!place) return <p className={styles.pad}>This site has no places yet. Add them at the desk.</p>

  const lines = inOrder(
    state.lines.filter((line) => line.placeId === place.id),
    'stage',
  )
  const was = site.before.lines
  const openLines = lines.filter((line) => line.excluded === null && (line.progress < 100 || changedNow(line, was)))
  const nowLines = openLines.filter((line) => isNow(line, openLines, site) || changedNow(line, was))
  const laterLines = openLines.filter((line) => !nowLines.includes(line))
  const doneLines = lines.filter((line) => line.excluded === null && !openLines.includes(line))
  const gates = coverGates(place.id, state)
  const keeps = state.keeps.filter((keep) => keep.placeId === place.id && !keep.released)
  const seen = mistOf(site.before.places.find((one) => one.id === place.id) ?? place, lines, false, snapshot.today)
  const visited = new Set(
    places
      .filter((one) => one.lastSeen && one.lastSeen !== site.before.places.find((b) => b.id === one.id)?.lastSeen)
      .map((one) => one.id),
  )

  const here = (facts: readonly NewFact[]): void => {
    site.record(facts).catch((error: unknown) => {
      if (!(error instanceof ImpossibleRequest)) throw error
      site.tell(error.message)
    })
  }
  const go = async (to: number): Promise<void> => {
    await site.record([{ subject: 'place', subjectId: place.id, facet: 'visited', placeId: place.id, value: true }])
    const next = places[to]
    if (next) await site.setWalk({ ...walk, placeId: next.id })
    else onEnd()
  }
  const lineRow = (line: Line) => {
    const at = { subject: 'line' as const, subjectId: line.id, placeId: place.id }
    return (
      <LineRow
        key={line.id}
        line={line}
        was={was.find((one) => one.id === line.id)?.progress ?? 0}
        said={saidOf(line.id, state, site.before)}
        onSet={(value) => here([{ ...at, facet: 'progress', value }])}
        waits={line.waits.map((wait) => waitWords(wait, [state]))}
        onWaits={() => setAdding({ kind: 'waits', line })}
        onHold={() => setAdding({ kind: 'hold', line })}
        onLetGo={() => here([{ ...at, facet: 'held', value: null }])}
        onExclude={() => setAdding({ kind: 'exclude', line })}
        onWhose={() => setAdding({ kind: 'whose', line })}
        onTakeBack={() => void site.takeBack('line', line.id)}
      />
    )
  }
  const changed = openLines.some((line) => changedNow(line, was))

  return (
    <>
      <PlaceHead site={site} walk={walk} place={place} index={index} seen={seenWords(seen)} visited={visited} />
      <main className={styles.body}>
        <Notices site={site} />
        <DueToday site={site} placeId={place.id} record={here} />
        <div className={`${styles.section} ${styles.sectionRow}`}>
          <h2>What is here now</h2>
          <FormLabel>
            <span className="visually-hidden">In which order</span>
            <FormSelect value={order} onChange={(event) => setOrder(event.target.value as LineOrder)}>
              {Object.entries(LINE_ORDERS).map(([id, words]) => (
                <option key={id} value={id}>
                  {words}
                </option>
              ))}
            </FormSelect>
          </FormLabel>
        </div>
        {openLines.length === 0 && (
          <p className={styles.pad}>
            {lines.length === 0 ? 'No work was laid down here yet.' : 'Everything here is done.'}
          </p>
        )}
        <ul className={styles.rows}>{inOrder(nowLines, order).map(lineRow)}</ul>
        {gates.map((gate) => (
          <section key={gate.stage} className={styles.gate}>
            <h2>Before {STAGES[gate.stage].toLowerCase()} covers it</h2>
            {gate.items
              .filter((item) => !item.done || item.kind !== 'work')
              .map((item) => (
                <GateTick key={item.id} item={item} placeId={place.id} record={here} />
              ))}
          </section>
        ))}
        {keeps.length > 0 && (
          <>
            <h2 className={styles.section}>Leave alone</h2>
            <ul className={styles.rows}>
              {keeps.map((keep) => (
                <li key={keep.id} className={styles.row}>
                  <div>
                    <strong>{keep.text}</strong>
                    {keepIsDue(keep, state, snapshot.today) ? (
                      <small className="late">Its time is over: take it out now.</small>
                    ) : (
                      <small>
                        {keep.until ? `until ${keep.until}` : keep.when ? 'for the time being' : 'stays for good'}
                      </small>
                    )}
                    <small>{valueWords(KEEP_FIELDS, keep.details, snapshot.site.units, false).join('. ')}</small>
                  </div>
                  <Button
                    bsPrefix="tap"
                    className={styles.small}
                    onClick={() =>
                      here([{ subject: 'keep', subjectId: keep.id, facet: 'released', placeId: place.id, value: true }])
                    }
                  >
                    Gone
                  </Button>
                </li>
              ))}
            </ul>
          </>
        )}
        <Recorded site={site} placeId={place.id} record={here} onAdd={setAdding} />
        <RoomCard site={site} place={place} />
        <WalkDrawings site={site} place={place} />
        {laterLines.length > 0 && (
          <Fold className={styles.pad} title={<>Later here ({laterLines.length})</>}>
            <ul className={styles.rows}>{laterLines.map(lineRow)}</ul>
          </Fold>
        )}
        {doneLines.length > 0 && (
          <Fold className={styles.pad} title={<>Done here ({doneLines.length})</>}>
            <ul className={styles.rows}>{doneLines.map(lineRow)}</ul>
          </Fold>
        )}
      </main>
      <footer className={styles.foot}>
        <div>
          <Button bsPrefix="tap" className={styles.next} onClick={() => void go(index + 1)}>
            {changed ? 'Next' : 'Nothing more, next'}: {places[index + 1]?.name ?? 'end of the walk'}
          </Button>
          <Button bsPrefix="tap" className={styles.end} onClick={onEnd}>
            End the walk
          </Button>
        </div>
        <div>
          <Button bsPrefix="tap" className={styles.main} onClick={() => setAdding({ kind: 'say' })}>
            Say it
          </Button>
          <Button bsPrefix="tap" onClick={() => setAdding({ kind: 'photo' })}>
            Photo
          </Button>
          <Button bsPrefix="tap" onClick={() => setAdding({ kind: 'measure' })}>
            Tape
          </Button>
          <Button bsPrefix="tap" onClick={() => setAdding({ kind: 'found' })}>
            Found
          </Button>
          <Button bsPrefix="tap" onClick={() => setAdding({ kind: 'more' })}>
            More
          </Button>
        </div>
      </footer>
      {adding && (
        <AddSheet adding={adding} place={place} site={site} onClose={() => setAdding(null)} onChoose={setAdding} />
      )}
    </>
  )
}

const ORDER_KEY = 'aftermist-line-order'

/** How this person goes through a room; the phone remembers it. */
function useLineOrder(): [LineOrder, (order: LineOrder) => void] {
  const [order, setOrder] = useState<LineOrder>(() => {
    const kept = window.localStorage.getItem(ORDER_KEY)
    return kept && kept in LINE_ORDERS ? (kept as LineOrder) : 'stage'
  })
  return [
    order,
    (chosen) => {
      window.localStorage.setItem(ORDER_KEY, chosen)
      setOrder(chosen)
    },
  ]
}

/** Days ahead that a walk looks for planned visits. */
const NEAR_DAYS = 7

/** What is likely to have moved: begun, held, the first stage that is open, or somebody is due here within a week. */
function isNow(line: Line, open: readonly Line[], site: SiteWalk): boolean {
  const soon = addDays(site.snapshot.today, NEAR_DAYS)
  const due = site.snapshot.visits.some((visit) => visit.lineIds.includes(line.id) && visit.startDay <= soon)
  return line.progress > 0 || line.held !== null || due || line.stage === open[0]?.stage
}

const changedNow = (line: Line, before: readonly Line[]): boolean => {
  const old = before.find((one) => one.id === line.id)
  return !old || old.progress !== line.progress || (old.held === null) !== (line.held === null)
}

function GateTick({
  item,
  placeId,
  record,
}: {
  item: GateItem
  placeId: string
  record: (facts: readonly NewFact[]) => void
}) {
  const tick = (done: boolean): void => {
    if (item.lineId)
      record([{ subject: 'line', subjectId: item.lineId, facet: 'progress', placeId, value: done ? 100 : 0 }])
    else record([{ subject: 'gate', subjectId: item.id, facet: 'ticked', placeId, value: done }])
  }
  return (
    <FormLabel>
      <FormCheckInput
        type="checkbox"
        checked={item.done}
        disabled={item.kind === 'work' || item.kind === 'entry'}
        onChange={(event) => tick(event.target.checked)}
      />
      <span>
        {item.text}
        {item.failed && <small className="late"> {item.failed}</small>}
      </span>
    </FormLabel>
  )
}
