import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { PRECISIONS, printLength, type Units } from '@/core/measure/length'
import { nominalSize } from '@/core/measure/nominal'
import { parseSize, printSize } from '@/core/measure/size'
import { ReadWords } from '../shared/ReadFields'
import { simulatedLaser } from './measuringDevice'
import styles from './Walk.module.css'

const KEYS: Record<Units, readonly string[]> = {
  metric: ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', ' x '],
  imperial: ['1', '2', '3', '4', '5', '6', '7', '8', '9', "'", '0', '"', ' 1/4', ' 1/2', ' 3/4', ' 1/8', ' 3/8', ' x '],
}

/** A size entered with a thumb: digits, fractions, how sure one is, or straight from the measuring device. */
export function TapePad({ units }: { readonly units: Units }) {
  const { getValues, setValue } = useFormContext()
  const typed = (useWatch({ name: 'size' }) as string | undefined) ?? ''
  const setTyped = (change: (old: string) => string): void => setValue('size', change(String(getValues('size') ?? '')))
  const [laser] = useState(simulatedLaser)
  const add = (key: string): void => setTyped((old) => (old + key).replace(/^ +/, ''))
  const sure = (words: string): void =>
    setTyped((old) => (old.startsWith(words) ? old.slice(words.length) : words + old))
  const measure = async (): Promise<void> => {
    const length = printLength(await laser.read(), units)
    setTyped((old) => (old.trim() === '' || old.trim().endsWith('x') ? `${old}${length}` : `${old} x ${length}`))
  }
  return (
    <>
      <ReadWords
        name="size"
        label={`Length first, like ${units === 'metric' ? '4.1 x 3.9 x 2.45' : `12' 6" x 10' x 8'`}`}
        className="measure"
      />
      <p className="soft" aria-live="polite">
        {readBack(typed, units)}
      </p>
      <div className={styles.keys} role="group" aria-label="Tape pad">
        {KEYS[units].map((key) => (
          <Button bsPrefix="tap" key={key} onClick={() => add(key)}>
            {key.trim()}
          </Button>
        ))}
        {[PRECISIONS.about, PRECISIONS.short].map((words) => (
          <Button bsPrefix="tap" key={words} className={styles.wideKey} onClick={() => sure(words)}>
            {words.trim()}
          </Button>
        ))}
        <Button bsPrefix="tap" className={styles.wideKey} onClick={() => setTyped((old) => old.slice(0, -1))}>
          take back
        </Button>
        <Button bsPrefix="tap" className={styles.wideKey} onClick={() => void measure()}>
          measure{laser.simulated && ' (simulated device)'}
        </Button>
      </div>
    </>
  )
}

/** What was understood, in both systems, so that a slip shows before it is kept. */
function readBack(typed: string, units: Units): string {
  if (typed.trim() === '') return ''
  const board = nominalSize(typed)
  if (board && units === 'imperial')
    return `A ${board.name} board really measures ${printLength(board.thickness, units)} × ${printLength(board.width, units)}. For a room in feet write ${typed.trim()} ft.`
  try {
    const size = parseSize(typed, units)
    return `${printSize(size, units)}, that is ${printSize(size, units === 'metric' ? 'imperial' : 'metric')}`
  } catch (error) {
    if (error instanceof ImpossibleRequest) return 'Two or three sides; more to come.'
    throw error
  }
}
