import Button from 'react-bootstrap/Button'
import { CAUTIONS } from '@/core/cautions/cautions'
import { heldWords, type Line } from '@/core/scope/line'
import { RESPONSIBLE } from '@/core/scope/responsible'
import { TRADES } from '@/core/scope/vocabulary'
import { Fold } from '../shared/Fold'
import { QuarterPad } from '../shared/QuarterPad'
import styles from './Walk.module.css'

interface LineRowProps {
  readonly line: Line
  readonly was: number
  readonly said: readonly string[]
  readonly onSet: (value: number) => void
  /** What it waits for by name, in words. */
  readonly waits: readonly string[]
  readonly onHold: () => void
  readonly onWaits: () => void
  readonly onLetGo: () => void
  readonly onExclude: () => void
  readonly onWhose: () => void
  readonly onTakeBack: () => void
}

/** One line of work: what it is, how far, and what else can be said of it. */
export function LineRow({
  line,
  was,
  said,
  waits,
  onSet,
  onHold,
  onWaits,
  onLetGo,
  onExclude,
  onWhose,
  onTakeBack,
}: LineRowProps) {
  return (
    <li className={styles.line}>
      <Fold
        title={
          <>
            <strong>{line.title}</strong>
            <small>
              {TRADES[line.trade].toLowerCase()}, was {was} <u>more</u>
            </small>
            {said.length > 0 && <small>“{said.join('”, “')}”</small>}
            {line.responsible && line.responsible !== 'us' && (
              <small className="due">{RESPONSIBLE[line.responsible]}</small>
            )}
            {line.held && <small className="late">{heldWords(line.held)}</small>}
            {waits.length > 0 && <small className="due">waits for {waits.join('; ')}</small>}
          </>
        }
      >
        {line.cautions.map((id) => (
          <p key={id} className={styles.caution}>
            <strong>{CAUTIONS[id].what}.</strong> {CAUTIONS[id].care} Only {CAUTIONS[id].deferTo} may clear it.
          </p>
        ))}
        {line.held ? (
          <Button bsPrefix="tap" className={styles.small} onClick={onLetGo}>
            Let it go on
          </Button>
        ) : (
          <Button bsPrefix="tap" className={styles.small} onClick={onHold}>
            Hold it
          </Button>
        )}{' '}
        <Button bsPrefix="tap" className={styles.small} onClick={onWaits}>
          Waits for …
        </Button>{' '}
        <Button bsPrefix="tap" className={styles.small} onClick={onExclude}>
          Leave it out
        </Button>{' '}
        <Button bsPrefix="tap" className={styles.small} onClick={onWhose}>
          Whose is it?
        </Button>{' '}
        <Button bsPrefix="tap" className={styles.small} onClick={onTakeBack}>
          Misread: take it back<span className="visually-hidden"> {line.title}</span>
        </Button>
      </Fold>
      {line.inspects ? (
        <TestPad line={line} onSet={onSet} onFailed={onHold} />
      ) : (
        <QuarterPad title={line.title} stage={line.stage} value={line.progress} was={was} onSet={onSet} />
      )}
    </li>
  )
}

/** A test or an inspection is not half done: it passed, or it failed and says why, or nobody has seen it yet. */
function TestPad({ line, onSet, onFailed }: { line: Line; onSet: (value: number) => void; onFailed: () => void }) {
  return (
    <div className={styles.test} role="group" aria-label={`Result: ${line.title}`}>
      <Button
        bsPrefix="tap"
        aria-pressed={line.progress === 0 && line.held === null}
        onClick={() => line.progress !== 0 && onSet(0)}
      >
        not yet
      </Button>
      <Button bsPrefix="tap" aria-pressed={line.progress === 100} onClick={() => line.progress !== 100 && onSet(100)}>
        passed
      </Button>
      <Button bsPrefix="tap" aria-pressed={line.held !== null} onClick={onFailed}>
        failed
      </Button>
    </div>
  )
}
