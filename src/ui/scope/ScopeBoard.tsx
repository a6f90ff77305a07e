'use client'
import { useRouter, useSearchParams } from 'next/navigation'
import { useCallback, useState } from 'react'
import { STAGES, type Stage } from '@/core/scope/vocabulary'
import { PlanAgain } from '../shared/PlanAgain'
import { useSend } from '../shared/useSend'
import { CellPanel } from './CellPanel'
import { PlacePanel } from './PlacePanel'
import { Since } from './Since'
import type { Fact, ScopeProps } from './types'
import { Weave } from './Weave'
import { WeaveList } from './WeaveList'
import styles from './ScopeBoard.module.css'

/** Facts that take the last change back. */
interface Undo {
  readonly words: string
  readonly facts: readonly Fact[]
}

/** What is left, room by room: the weave, what changed since the last walk, and whatever is opened. */
export function ScopeBoard(props: ScopeProps) {
  const { site, rows, stages, open, mayEdit } = props
  const router = useRouter()
  const search = useSearchParams()
  const [chosen, setChosen] = useState<{ placeId: string; stage: Stage | null } | null>(
    search.get('place') ? { placeId: search.get('place')!, stage: search.get('stage') as Stage | null } : null,
  )
  const [undo, setUndo] = useState<Undo | null>(null)
  const { error, run, clearError } = useSend()

  const record = useCallback(
    async (facts: readonly Fact[], words: string, back: readonly Fact[]): Promise<boolean> => {
      const saved = await run(`/api/sites/${site.id}/facts`, { facts })
      if (saved === null) return false
      setUndo(back.length > 0 ? { words, facts: back } : null)
      router.refresh()
      return true
    },
    [run, router, site.id],
  )
  const takeBack = useCallback(async () => {
    if (undo && (await run(`/api/sites/${site.id}/facts`, { facts: undo.facts })) !== null) {
      setUndo(null)
      router.refresh()
    }
  }, [undo, run, router, site.id])

  const row = rows.find((one) => one.placeId === chosen?.placeId) ?? null
  const wrong = rows.filter((one) => one.outOfOrder.length > 0)
  const cell = row?.cells.find((one) => one.stage === chosen?.stage) ?? null
  return (
    <div className={`page ${styles.board}`}>
      <div className={styles.head}>
        <h1>{props.percent}% clear</h1>
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
            : `${props.misty === 1 ? 'One place has' : `${props.misty} places have`} gone misty since they were last walked.`}
          {wrong.length > 0 && ' Done out of order: '}
          {wrong.map(({ placeId, name }, i) => (
            <span key={placeId}>
              {i > 0 && ', '}
              <button
                type="button"
                className="btn btn-link p-0 align-baseline"
                onClick={() => setChosen({ placeId, stage: null })}
              >
                {name}
              </button>
            </span>
          ))}
          {wrong.length > 0 && '.'}
        </p>
        <div className={styles.actions}>
          {props.stale && mayEdit && <PlanAgain />}
          <a className="btn btn-quiet" href={`/sites/${site.id}/record`}>
            Registers
          </a>
          <a className="btn btn-quiet" href={`/sites/${site.id}/settings`}>
            Places and order of work
          </a>
        </div>
      </div>
      <div className={styles.said} aria-live="polite">
        {error && (
          <p className="notice notice-error">
            {error.message}{' '}
            <button type="button" className="btn btn-sm btn-quiet" onClick={clearError}>
              Close
            </button>
          </p>
        )}
        {undo && (
          <p className="notice notice-good">
            {undo.words}{' '}
            <button type="button" className="btn btn-sm btn-quiet" onClick={() => void takeBack()}>
              Undo (u)
            </button>
          </p>
        )}
      </div>
      <div className={styles.columns}>
        <div className={styles.weave}>
          <Weave
            rows={rows}
            stages={stages}
            chosen={chosen}
            onOpen={setChosen}
            record={mayEdit ? record : null}
            onUndo={takeBack}
          />
        </div>
        <div className={styles.list}>
          <WeaveList rows={rows} onOpen={setChosen} />
        </div>
        <aside tabIndex={0} className={styles.side} aria-label={row ? row.name : 'Since the last walk'}>
          {row && cell && cell.percent !== null ? (
            <CellPanel
              siteId={site.id}
              today={props.today}
              units={site.units}
              row={row}
              cell={cell}
              person={props.person}
              gatherers={props.gatherers}
              mayEdit={mayEdit}
              record={record}
              onClose={() => setChosen(null)}
            />
          ) : row ? (
            <PlacePanel
              site={site}
              row={row}
              places={rows.map(({ placeId, name }) => ({ id: placeId, name }))}
              open={open}
              mayEdit={mayEdit}
              record={record}
              onClose={() => setChosen(null)}
            />
          ) : (
            <Since {...props} record={record} />
          )}
        </aside>
      </div>
      {chosen && cell && cell.percent === null && row && (
        <p className="soft">
          {row.name} has no work in {STAGES[cell.stage].toLowerCase()}.
        </p>
      )}
    </div>
  )
}
