import Button from 'react-bootstrap/Button'
import { STAGES, type Stage } from '@/core/scope/vocabulary'
import { stageHue } from '../shared/stageHue'
import type { RowView } from './types'
import styles from './WeaveList.module.css'

/** The weave on a phone: a list by place, each with what is left there, in order. */
export function WeaveList({
  rows,
  onOpen,
}: {
  rows: readonly RowView[]
  onOpen: (cell: { placeId: string; stage: Stage | null }) => void
}) {
  return (
    <ul className={styles.list}>
      {rows.map((row) => {
        const cells = row.cells.filter((cell) => cell.percent !== null)
        const left = cells.filter((cell) => cell.percent! < 100)
        return (
          <li key={row.placeId}>
            <Button
              bsPrefix="tap"
              className={styles.place}
              onClick={() => onOpen({ placeId: row.placeId, stage: null })}
            >
              {row.name}
              <small>
                {row.size && `${row.size} · `}
                <span className={row.misty ? 'late' : undefined}>{row.seen}</span>
              </small>
            </Button>
            <div className={styles.bar} aria-hidden="true">
              {cells.map((cell) => (
                <span key={cell.stage}>
                  <i
                    style={{
                      height: `${cell.percent}%`,
                      background: stageHue(cell.stage),
                      opacity: 0.3 + 0.7 * row.clearness,
                    }}
                  />
                </span>
              ))}
            </div>
            {left.length === 0 ? (
              <p className="well">Nothing left here.</p>
            ) : (
              <ul className={styles.left}>
                {left.slice(0, 4).map((cell) => (
                  <li key={cell.stage}>
                    <Button bsPrefix="tap" onClick={() => onOpen({ placeId: row.placeId, stage: cell.stage })}>
                      <span>
                        <span className="visually-hidden">{row.name}: </span>
                        {STAGES[cell.stage]}
                      </span>
                      <span className={cell.held ? 'late' : 'soft'}>
                        {cell.held ? 'held' : cell.percent! > 0 ? `${cell.percent} %` : (cell.next ?? 'not planned')}
                      </span>
                    </Button>
                  </li>
                ))}
                {left.length > 4 && <li className="soft">and {left.length - 4} more stages</li>}
              </ul>
            )}
          </li>
        )
      })}
    </ul>
  )
}
