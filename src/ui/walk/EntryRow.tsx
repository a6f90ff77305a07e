import Button from 'react-bootstrap/Button'
import { kindOf } from '@/core/entries/entry'
import { entryWords } from '@/core/entries/entryWords'
import type { RegisterEntry } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import { SketchPicture } from '../shared/SketchPicture'
import type { Adding } from './sheetFact'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** An entry of a register on the walk: its name, and unfolded what it tells, what follows and what can hurt. */
export function EntryRow({
  entry,
  site,
  onAdd,
}: {
  readonly entry: RegisterEntry
  readonly site: SiteWalk
  readonly onAdd: (adding: Adding) => void
}) {
  const kind = kindOf(entry.kind)
  const words = entryWords(entry, site.snapshot.site.units, false, site.snapshot.standards)
  return (
    <li className={styles.line}>
      <Fold
        title={
          <>
            <strong>{words.title}</strong>
            <small>
              {kind.register.toLowerCase()} <u>more</u>
            </small>
          </>
        }
      >
        {[...words.details, ...words.reckoned].map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        {words.sketch && <SketchPicture sketch={words.sketch} />}
        {words.cautions.map((caution) => (
          <p key={caution.what} className={styles.caution}>
            <strong>{caution.what}.</strong> {caution.care} Only {caution.deferTo} may clear it.
          </p>
        ))}
        <Button bsPrefix="tap" className={styles.small} onClick={() => onAdd({ kind: 'entry', register: kind, entry })}>
          Change
        </Button>{' '}
        {kind.settle && (
          <Button bsPrefix="tap" className={styles.small} onClick={() => onAdd({ kind: 'settle', entry })}>
            {kind.settle.word}
          </Button>
        )}{' '}
        <Button bsPrefix="tap" className={styles.small} onClick={() => void site.takeBack('entry', entry.id)}>
          Misread: take it back<span className="visually-hidden"> {words.title}</span>
        </Button>
      </Fold>
    </li>
  )
}
