'use client'
import Button from 'react-bootstrap/Button'
import { useRouter, useSearchParams } from 'next/navigation'
import dynamic from 'next/dynamic'
import { useCallback, useEffect, useRef, useState } from 'react'
import Alert from 'react-bootstrap/Alert'
import { treatmentById } from '@/core/scope/treatments'
import { STAGES, type Stage } from '@/core/scope/vocabulary'
import { focusPanel } from '../shared/focusPanel'
import { PlanAgain } from '../shared/PlanAgain'
import { Said } from '../shared/Said'
import { SidePanel } from '../shared/SidePanel'
import { useSend } from '../shared/useSend'
import { Since } from './Since'
import type { Fact, ScopeProps } from './types'
import { Weave } from './Weave'
import { WeaveList } from './WeaveList'
import styles from './ScopeBoard.module.css'

/** What opens beside the weave is fetched once that stands. */
const loadCell = () => import('./CellPanel').then((module) => module.CellPanel)
const loadPlace = () => import('./PlacePanel').then((module) => module.PlacePanel)
const CellPanel = dynamic(loadCell)
const PlacePanel = dynamic(loadPlace)

/** Facts that take the last change back. */
interface Undo {
  readonly words: string
  readonly facts: readonly Fact[]
}

interface Chosen {
  readonly placeId: string
  readonly stage: Stage | null
}

/** The place that an address asks for, or the first one that takes what is meant to be added. */
function askedFor(search: URLSearchParams, rows: ScopeProps['rows']): Chosen | null {
  const place = search.get('place')
  if (place) return { placeId: place, stage: search.get('stage') as Stage | null }
  const add = search.get('add')
  if (add === null) return null
  const treatment = treatmentById(add)
  const row = rows.find(({ kind }) => !treatment || treatment.fits.includes(kind))
  return row ? { placeId: row.placeId, stage: null } : null
}

/** What is left, room by room: the weave, what changed since the last walk, and whatever is opened. */
export function ScopeBoard(props: ScopeProps) {
  const { site, rows, stages, open, mayEdit } = props
  const router = useRouter()
  const search = useSearchParams()
  const [chosen, setChosen] = useState(() => askedFor(search, rows))
  const [said, setSaid] = useState<Undo | null>(null)
  const side = useRef<HTMLElement>(null)
  const { error, run, clearError } = useSend()
  useEffect(() => {
    void loadCell()
    void loadPlace()
  }, [])

  const record = useCallback(
    async (facts: readonly Fact[], words: string, back: readonly Fact[]): Promise<boolean> => {
      const saved = await run(`/api/sites/${site.id}/facts`, { facts })
      if (saved === null) return false
      setSaid({ words, facts: back })
      router.refresh()
      return true
    },
    [run, router, site.id],
  )
  const takeBack = useCallback(async () => {
    if (said && said.facts.length > 0 && (await run(`/api/sites/${site.id}/facts`, { facts: said.facts })) !== null) {
      setSaid({ words: 'Undone.', facts: [] })
      router.refresh()
    }
  }, [said, run, router, site.id])
  const choose = (next: Chosen): void => {
    setChosen(next)
    window.setTimeout(() => focusPanel(side.current))
  }
  /** What was opened is shut, and the focus is back where it came from. */
  const close = (): void => {
    const from = chosen && document.querySelector<HTMLElement>(`[data-open="${chosen.placeId}/${chosen.stage ?? ''}"]`)
    setChosen(null)
    from?.focus()
  }

  const row = rows.find((one) => one.placeId === chosen?.placeId) ?? null
  const wrong = rows.filter((one) => one.outOfOrder.length > 0)
  const cell = row?.cells.find((one) => one.stage === chosen?.stage) ?? null
  return (
    <div className={`page ${styles.board}`}>
      <div className={styles.head}>
        <h1>{props.percent} % done</h1>
        <p>
          {props.finish ? (
            <>
              Likely finish <strong>{props.finish}</strong>.{' '}
            </>
          ) : (
            'Nothing is planned yet. '
          )}
          {props.misty === 0
            ? 'Every place was seen lately.'
            : `${props.misty === 1 ? 'One place was' : `${props.misty} places were`} not seen for long.`}
          {wrong.length > 0 && ' Done out of order: '}
          {wrong.map(({ placeId, name }, i) => (
            <span key={placeId}>
              {i > 0 && ', '}
              <Button
                variant="link"
                className="p-0 align-baseline"
                aria-label={`${name}: what was done out of order`}
                onClick={() => choose({ placeId, stage: null })}
              >
                {name}
              </Button>
            </span>
          ))}
          {wrong.length > 0 && '.'}
        </p>
        <div className={styles.actions}>
          {props.stale && mayEdit && <PlanAgain />}
          <a className="btn btn-quiet" href={`/sites/${site.id}/record`}>
            The record
          </a>
          <a className="btn btn-quiet" href={`/sites/${site.id}/settings`}>
            Places and order of work
          </a>
        </div>
      </div>
      {error && (
        <Alert variant="danger" dismissible onClose={clearError}>
          {error.message}
        </Alert>
      )}
      <div className={styles.columns}>
        <div className={styles.weave}>
          <Weave
            rows={rows}
            stages={stages}
            chosen={chosen}
            onOpen={choose}
            record={mayEdit ? record : null}
            onUndo={takeBack}
          />
        </div>
        <div className={styles.list}>
          <WeaveList rows={rows} onOpen={choose} />
        </div>
        <SidePanel ref={side} label={row ? row.name : 'Since the last walk'} onEscape={() => row && close()}>
          {row && cell && cell.percent !== null ? (
            <CellPanel
              siteId={site.id}
              today={props.today}
              units={site.units}
              pricing={props.pricing}
              row={row}
              cell={cell}
              person={props.person}
              gatherers={props.gatherers}
              waitable={props.waitable}
              otherSites={props.otherSites}
              mayEdit={mayEdit}
              record={record}
              onClose={close}
            />
          ) : row ? (
            <PlacePanel
              site={site}
              row={row}
              places={rows.map(({ placeId, name, kind, measured }) => ({ id: placeId, name, kind, size: measured }))}
              open={open}
              mayEdit={mayEdit}
              asked={search.get('add')}
              record={record}
              onSaid={(words) => setSaid({ words, facts: [] })}
              onClose={close}
            />
          ) : (
            <Since {...props} record={record} />
          )}
        </SidePanel>
      </div>
      {chosen && cell && cell.percent === null && row && (
        <p className="soft">
          {row.name} has no work in {STAGES[cell.stage].toLowerCase()}.
        </p>
      )}
      <Said
        words={said?.words ?? ''}
        undo={said && said.facts.length > 0 ? { word: 'Undo (u)', run: () => void takeBack() } : undefined}
        onClose={() => setSaid(null)}
      />
    </div>
  )
}
