import Button from 'react-bootstrap/Button'
import { useRef, useState } from 'react'
import { FormProvider, get, useForm } from 'react-hook-form'
import { ImpossibleRequest } from '@/core/errors/impossibleRequest'
import { listed } from '@/core/lists/listed'
import type { Mend } from '@/core/narration/phrases'
import type { NewFact } from '@/core/walk/observation'
import type { Place } from '@/core/walk/siteState'
import { WhatIsWrong } from '../shared/ReadForm'
import type { Typed } from '../shared/typed'
import { SaidLine, type Said } from './SaidLine'
import { chosen, sheetIn, type Heard } from './saidLines'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

const FRESH: Omit<Said, 'shown'> = { picked: undefined, dropped: false, confirmed: false, open: false, taught: null }

/** What was read of somebody's words, to be kept, mended or dropped line by line. */
export function ReadBack({
  heard,
  place,
  site,
  onClose,
  onBack,
}: {
  readonly heard: Heard
  readonly place: Place
  readonly site: SiteWalk
  readonly onClose: () => void
  readonly onBack: () => void
}) {
  const [all, setAll] = useState<readonly Said[]>(heard.lines.map((shown) => ({ ...FRESH, shown })))
  // What stands in the open fields of each sheet.
  const sheets = useForm<Typed>({ shouldUnregister: true })
  // A second tap before the sheet is closed keeps nothing twice.
  const keeping = useRef(false)
  const change = (at: number, part: Partial<Said>): void =>
    setAll((old) => old.map((one, i) => (i === at ? { ...one, ...part } : one)))
  const mend = (at: number, said: Said, by: Mend): void =>
    change(at, {
      shown: heard.mended(said.shown, by),
      picked: undefined,
      ...(by.kind ? { taught: by.kind } : {}),
    })
  const keep = async (): Promise<void> => {
    if (keeping.current) return
    keeping.current = true
    try {
      const [{ sheetKept }, { phraseFact }] = await Promise.all([
        import('@/core/narration/sheets/sheetFacts'),
        import('@/core/narration/phraseFact'),
      ])
      const facts = all.flatMap(({ shown, picked, dropped, confirmed, taught }, i): NewFact[] => {
        if (dropped) return []
        const open = get(sheets.getValues(), sheetAt(i)) as Typed | undefined
        const { line, facts, toConfirm } = {
          ...chosen(shown, picked),
          ...(open ? naming(sheetAt(i), () => sheetIn(shown, open, site.snapshot.site.units, sheetKept)) : {}),
        }
        return [
          ...facts,
          ...(confirmed ? (toConfirm?.facts ?? []) : []),
          ...(taught && !line.private ? [phraseFact(line.words, taught)] : []),
        ]
      })
      await site.record(facts)
      for (const { shown, picked, dropped } of all) {
        const { takesBack } = chosen(shown, picked)
        if (takesBack && !dropped) await site.takeBack(takesBack.subject, takesBack.subjectId)
      }
      onClose()
    } catch (error) {
      keeping.current = false
      if (!(error instanceof ImpossibleRequest)) throw error
      sheets.setError(error.field ?? 'root', { message: error.message })
    }
  }
  const kept = all.filter(({ dropped }) => !dropped).length
  return (
    <FormProvider {...sheets}>
      <div className={styles.form}>
        <ul className={styles.rows}>
          {all.map((said, i) => (
            <SaidLine
              key={i}
              said={said}
              place={place}
              places={site.state.places}
              units={site.snapshot.site.units}
              under={`${sheetAt(i)}.`}
              onChange={(part) => change(i, part)}
              onMend={(by) => mend(i, said, by)}
            />
          ))}
        </ul>
        {all.length === 0 && <p>Nothing to record in that.</p>}
        {heard.unsaid.map(({ place: name, titles }) => (
          <p key={name} className={styles.told}>
            You said nothing of {listed(titles.map((title) => title.toLowerCase()))}
            {name === place.name ? '' : ` in ${name}`}.
          </p>
        ))}
        <WhatIsWrong />
        <Button bsPrefix="tap" className={styles.main} disabled={kept === 0} onClick={() => void keep()}>
          Keep {kept === 1 ? 'it' : `all ${kept}`}
        </Button>
        <Button bsPrefix="tap" className={styles.plain} onClick={onBack}>
          Change the words
        </Button>
      </div>
    </FormProvider>
  )
}

/** Where the open fields of a line's sheet stand among those of all. */
const sheetAt = (i: number): string => `sheets.${i}`

/** Reads a sheet; what cannot be read is told at its field among those of all.
 * @throws ImpossibleRequest with that field */
function naming<T>(at: string, read: () => T): T {
  try {
    return read()
  } catch (error) {
    if (!(error instanceof ImpossibleRequest) || error.field === undefined) throw error
    throw new ImpossibleRequest(error.code, error.message, `${at}.${error.field}`)
  }
}
