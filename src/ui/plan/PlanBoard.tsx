'use client'
import { useRouter, useSearchParams } from 'next/navigation'
import { useRef, useState } from 'react'
import type { PlanChange } from '@/core/schedule/planChange'
import { focusPanel } from '../shared/focusPanel'
import { FormError } from '../shared/FormError'
import { Said } from '../shared/Said'
import { SidePanel } from '../shared/SidePanel'
import { useSend } from '../shared/useSend'
import { useWhole } from '../shared/useWhole'
import { ChangeDialog } from './ChangeDialog'
import { Alarms, PlanHead } from './PlanHead'
import { PlanPicture } from './PlanPicture'
import type { PlanProps, VisitView } from './types'
import { VisitPanel, type Asked } from './VisitPanel'
import { WeekList } from './WeekList'
import { WhatIf } from './WhatIf'
import styles from './PlanBoard.module.css'

/** Two visits may take each other’s days where one crew does both, or one site has both. */
const maySwap = (one: VisitView, other: VisitView): boolean =>
  one.siteId === other.siteId || (one.crewId !== null && one.crewId === other.crewId)

/** The visit that an address asks for: by its key, or the next of a trade. */
const askedFor = (search: URLSearchParams, visits: readonly VisitView[]): string | null =>
  search.get('visit') ?? visits.find((visit) => visit.trade === search.get('trade'))?.key ?? null

/** Who comes when, does it hold, and what would one change: a line of words, the picture, and the visit that is chosen. */
export function PlanBoard(given: PlanProps) {
  const router = useRouter()
  const search = useSearchParams()
  const { all: visits, awaited } = useWhole('/api/plan/later', given.visits, given.later ?? 0)
  const props = { ...given, visits }
  // Until somebody chooses, what the address asks for is chosen, as soon as it is here.
  const [picked, setChosen] = useState<string | null | undefined>(undefined)
  const chosen = picked === undefined ? askedFor(search, visits) : picked
  const [whatIf, setWhatIf] = useState(search.get('panel') === 'what-if')
  const [change, setChange] = useState<PlanChange | null>(null)
  const [asked, setAsked] = useState<Asked | null>(null)
  const { error, run } = useSend<{ undone?: string }>()
  const [said, setSaid] = useState<{ words: string; undo: boolean }>({ words: '', undo: false })
  const side = useRef<HTMLElement>(null)
  const visit = props.visits.find((one) => one.key === chosen) ?? null

  const undo = async (): Promise<void> => {
    const undone = await run('/api/plan/undo')
    if (undone) {
      setSaid({ words: `Undone: ${undone.undone?.toLowerCase()}. The plan before is in force again.`, undo: false })
      router.refresh()
    }
  }
  const choose = (key: string): void => {
    setChosen(key)
    window.setTimeout(() => focusPanel(side.current))
  }
  const planned = (): void => setSaid({ words: 'Planned again. See who has to be told.', undo: true })
  const close = (): void => {
    setChosen(null)
    if (chosen) document.querySelector<HTMLElement>(`[data-visit="${CSS.escape(chosen)}"]`)?.focus()
  }

  return (
    <div className={`page ${styles.board}`}>
      <PlanHead {...props} onWhatIf={() => setWhatIf(true)} onUndo={() => void undo()} onPlanned={planned} />
      <Alarms {...props} />
      <FormError error={error} />
      {awaited > 0 && (
        <p className="small mb-1" role="status">
          {awaited} later visits are on their way.
        </p>
      )}
      {props.visits.length === 0 ? (
        <p className="notice">Nothing to plan yet. Say what is to be done at a place, then plan.</p>
      ) : (
        <div className={`${styles.columns} ${visit ? styles.beside : ''}`}>
          <PlanPicture
            {...props}
            chosen={chosen}
            onChoose={choose}
            onChange={setChange}
            onAsk={(key, what) => {
              setChosen(key)
              setAsked(what)
            }}
            onUndo={undo}
          />
          <div className={styles.list}>
            <WeekList visits={props.visits} showSite={props.site === null} onChoose={choose} />
          </div>
          {visit && (
            <SidePanel ref={side} label={visit.title} onEscape={close}>
              <VisitPanel
                visit={visit}
                others={props.visits.filter((one) => one.key !== visit.key && maySwap(one, visit))}
                asked={asked}
                onChange={setChange}
                onClose={close}
              />
            </SidePanel>
          )}
        </div>
      )}
      <WhatIf
        site={props.site}
        places={props.places}
        show={whatIf}
        onClose={() => setWhatIf(false)}
        onPlanned={() => setSaid({ words: 'Planned this way. See who has to be told.', undo: true })}
        onChange={(next) => {
          setWhatIf(false)
          setChange(next)
        }}
      />
      {change && (
        <ChangeDialog
          change={change}
          visit={change.kind === 'add' ? null : props.visits.find((one) => one.key === change.visitKey)!}
          onClose={() => setChange(null)}
          onChanged={(words) => {
            setChange(null)
            setSaid({ words, undo: true })
            router.refresh()
          }}
        />
      )}
      <Said
        words={said.words}
        undo={said.undo ? { word: 'Undo last plan', run: () => void undo() } : undefined}
        onClose={() => setSaid({ words: '', undo: false })}
      />
    </div>
  )
}
