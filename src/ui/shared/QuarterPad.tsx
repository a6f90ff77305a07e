'use client'
import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import { howFar } from '@/core/scope/howFar'
import type { Stage } from '@/core/scope/vocabulary'
import { ReadWords } from './ReadFields'
import { ReadForm } from './ReadForm'
import { stageHue } from './stageHue'
import { wordsIn } from './typed'
import styles from './QuarterPad.module.css'

const QUARTERS = [0, 25, 50, 75, 100] as const

interface QuarterPadProps {
  readonly title: string
  readonly stage: Stage
  readonly value: number
  /** What it was before this visit; where that is another, it can be taken back. */
  readonly was?: number
  readonly onSet: (value: number) => void
}

/** How far a line of work is: thumb-sized quarters, or said as a count or per cent ('31 of 34'). Each says what it sets: the
 * one that stands, pressed again, changes nothing. */
export function QuarterPad({ title, stage, value, was, onSet }: QuarterPadProps) {
  const [telling, setTelling] = useState(false)
  const between = !(QUARTERS as readonly number[]).includes(value)
  return (
    <div className={styles.control} style={{ '--hue': stageHue(stage) } as React.CSSProperties}>
      <div className={styles.pad} role="group" aria-label={`How far: ${title}`}>
        {QUARTERS.map((quarter) => (
          <Button
            bsPrefix="tap"
            key={quarter}
            aria-pressed={value >= quarter && (quarter > 0 || value === 0)}
            className={quarter > 0 && value >= quarter ? styles.full : undefined}
            onClick={() => value !== quarter && onSet(quarter)}
          >
            {quarter === 100 ? 'done' : quarter === 0 ? 'none' : quarter}
          </Button>
        ))}
        <Button
          bsPrefix="tap"
          aria-expanded={telling}
          aria-label={`A count or per cent: ${title}`}
          className={styles.exact}
          onClick={() => setTelling(!telling)}
        >
          {between ? `${value} %` : '…'}
        </Button>
      </div>
      {was !== undefined && was !== value && (
        <Button bsPrefix="tap" className={styles.undo} onClick={() => onSet(was)}>
          Undo<span className="visually-hidden">: {title}</span>
        </Button>
      )}
      {telling && (
        <Exact
          title={title}
          onSet={(percent) => {
            setTelling(false)
            if (percent !== value) onSet(percent)
          }}
        />
      )}
    </div>
  )
}

function Exact({ title, onSet }: { readonly title: string; readonly onSet: (percent: number) => void }) {
  return (
    <ReadForm className={styles.telling} read={(typed) => howFar(wordsIn(typed)('howFar'))} onRead={onSet}>
      <ReadWords
        name="howFar"
        label={<span className="visually-hidden">{title}: how many of how many, or per cent</span>}
        placeholder="31 of 34, or 60 %"
        autoFocus
      />
      <Button type="submit" variant="quiet">
        Set
      </Button>
    </ReadForm>
  )
}
