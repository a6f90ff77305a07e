import Dropdown from 'react-bootstrap/Dropdown'
import styles from './PlanPicture.module.css'

const MARKS = [
  ['Nobody was told yet', ''],
  ['Told', styles.sampleTold],
  ['Confirmed', styles.sampleConfirmed],
  ['Declined', styles.sampleDeclined],
  ['Held on its day', styles.samplePinned],
  ['The end hangs on it', styles.sampleCritical],
  ['Where it stood before', styles.sampleGhost],
  ['Something must be in before it covers', styles.sampleGated],
  ['Those who live there do without it', styles.sampleWithout],
] as const

/** What the marks of a bar mean. */
export const HowToRead = () => (
  <Dropdown align="end">
    <Dropdown.Toggle size="sm" variant="quiet">
      How to read it
    </Dropdown.Toggle>
    <Dropdown.Menu className={styles.marks} as="ul">
      {MARKS.map(([words, mark]) => (
        <li key={words}>
          <span className={`${styles.sample} ${mark}`} aria-hidden="true" /> {words}
        </li>
      ))}
      <li>
        <kbd>m</kbd> and arrows move it, <kbd>h</kbd> holds, <kbd>s</kbd> swaps, <kbd>p</kbd> splits, <kbd>+</kbd>{' '}
        <kbd>-</kbd> look closer or farther, <kbd>u</kbd> undoes.
      </li>
    </Dropdown.Menu>
  </Dropdown>
)
