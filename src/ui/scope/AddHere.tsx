import { useRouter } from 'next/navigation'
import { yupResolver } from '@hookform/resolvers/yup'
import { useEffect, useState, type ClipboardEvent } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Nav from 'react-bootstrap/Nav'
import { useForm } from 'react-hook-form'
import { v7 as uuid } from 'uuid'
import { pastedRows } from '@/core/lists/pastedRows'
import { currencySign } from '@/core/measure/money'
import { newLine } from '@/schemas/newLine'
import { FormError } from '../shared/FormError'
import { ReadTick, ReadWords } from '../shared/ReadFields'
import { ReadForm, WhatIsWrong } from '../shared/ReadForm'
import { sendPicture } from '../shared/sendPicture'
import { TextField } from '../shared/TextField'
import { filesIn, saidIn, wordsIn, type Typed } from '../shared/typed'
import { useSend } from '../shared/useSend'
import type { Fact, RecordFacts, RowView } from './types'

export type Adding = 'line' | 'extra' | 'found'
const ADDING: Readonly<Record<Adding, string>> = { line: 'Line of work', extra: 'Extra', found: 'Found' }

interface AddHereProps {
  readonly siteId: string
  readonly row: RowView
  readonly first: Adding
  readonly record: RecordFacts
  readonly onSaid: (words: string) => void
}

/** What is added at a place most often, in one field: a line of work, an extra with its price, something found. */
export function AddHere({ siteId, row, first, record, onSaid }: AddHereProps) {
  const [adding, setAdding] = useState<Adding>(first)
  return (
    <div className="mb-3">
      <Nav variant="underline" activeKey={adding} onSelect={(key) => setAdding(key as Adding)} className="mb-2">
        {Object.entries(ADDING).map(([key, words]) => (
          <Nav.Item key={key}>
            <Nav.Link as="button" type="button" eventKey={key}>
              {words}
            </Nav.Link>
          </Nav.Item>
        ))}
      </Nav>
      {adding === 'found' ? (
        <FoundForm siteId={siteId} row={row} record={record} />
      ) : (
        <LineForm key={adding} siteId={siteId} row={row} extra={adding === 'extra'} onSaid={onSaid} />
      )}
    </div>
  )
}

function LineForm({
  siteId,
  row,
  extra,
  onSaid,
}: Pick<AddHereProps, 'siteId' | 'row' | 'onSaid'> & { readonly extra: boolean }) {
  const router = useRouter()
  const { busy, error, run } = useSend<{ lineId: string; says: string }>()
  const { register, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(newLine),
    defaultValues: { placeId: row.placeId, text: '', extra },
  })
  const [priced, setPriced] = useState(false)
  const add = handleSubmit(async (line) => {
    const added = await run(`/api/sites/${siteId}/lines`, line)
    if (!added) return
    reset()
    setPriced(extra)
    onSaid(added.says)
    router.refresh()
  })
  const { errors } = formState
  const [pasted, setPasted] = useState<readonly (readonly string[])[] | null>(null)
  const takeRows = (text: string): boolean => {
    const rows = pastedRows(text, ['what', 'line', 'work', 'title'])
    setPasted(rows)
    return rows !== null
  }
  if (pasted)
    return (
      <PastedLines
        siteId={siteId}
        placeId={row.placeId}
        extra={extra}
        rows={pasted}
        onSaid={onSaid}
        onDone={() => setPasted(null)}
      />
    )
  return (
    <Form onSubmit={(event) => void add(event)} noValidate>
      <TextField
        id="add-line"
        label={extra ? 'What is to be done beside the contract' : 'What is to be done'}
        placeholder="two blockings behind the vanity"
        hint="Or paste rows of a spreadsheet: what, hours, price."
        wrong={errors.text?.message}
        onPaste={(event: ClipboardEvent) => {
          if (takeRows(event.clipboardData.getData('text'))) event.preventDefault()
        }}
        {...register('text')}
      />
      {extra && (
        <div className="d-flex gap-2 mt-2">
          <TextField
            id="add-price"
            label={`Price (${currencySign()})`}
            inputMode="decimal"
            wrong={errors.price?.message}
            {...register('price')}
          />
          <TextField
            id="add-hours"
            label="Hours of one person"
            inputMode="decimal"
            wrong={errors.hours?.message}
            {...register('hours')}
          />
        </div>
      )}
      <FormError error={error} />
      <div className="d-flex gap-2 mt-2">
        <Button type="submit" disabled={busy}>
          {extra ? 'Add the extra' : 'Add the line'}
        </Button>
        {priced && (
          <Button variant="quiet" href={`/sites/${siteId}/share?reader=client:${siteId}`}>
            Send it to the client
          </Button>
        )}
      </div>
    </Form>
  )
}

/** What rows of a spreadsheet would add, to be kept or left. */
function PastedLines(props: {
  readonly siteId: string
  readonly placeId: string
  readonly extra: boolean
  readonly rows: readonly (readonly string[])[]
  readonly onSaid: (words: string) => void
  readonly onDone: () => void
}) {
  const { siteId, placeId, extra, rows, onSaid, onDone } = props
  const router = useRouter()
  const { busy, error, run } = useSend<{ says: string[] }>()
  const [says, setSays] = useState<readonly string[] | null>(null)
  useEffect(() => {
    const body = { placeId, extra, rows, keep: false }
    void run(`/api/sites/${siteId}/lines/rows`, body).then((told) => told && setSays(told.says))
  }, [run, siteId, placeId, extra, rows])
  const keep = async (): Promise<void> => {
    const added = await run(`/api/sites/${siteId}/lines/rows`, { placeId, extra, rows, keep: true })
    if (!added) return
    onSaid(added.says.length === 1 ? added.says[0]! : `${added.says.length} lines were added.`)
    onDone()
    router.refresh()
  }
  return (
    <section aria-labelledby="pasted-lines">
      <h4 id="pasted-lines">{rows.length === 1 ? 'This would be added' : `These ${rows.length} would be added`}</h4>
      <FormError error={error} />
      {says && (
        <ol>
          {says.map((one, i) => (
            <li key={i}>{one}</li>
          ))}
        </ol>
      )}
      <div className="d-flex gap-2">
        {says && (
          <Button disabled={busy} onClick={() => void keep()}>
            {rows.length === 1 ? 'Add it' : `Add ${rows.length} lines`}
          </Button>
        )}
        <Button variant="quiet" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </section>
  )
}

/** Something found, with its photo. Which sort it is nobody assumes. */
function FoundForm({ siteId, row, record }: Pick<AddHereProps, 'siteId' | 'row' | 'record'>) {
  const keep = async ({ text, certain, photos }: ReturnType<typeof foundIn>): Promise<boolean> => {
    const at = { placeId: row.placeId }
    const found = { ...at, subject: 'finding', subjectId: uuid(), facet: 'found' }
    const facts: Fact[] = [{ ...found, value: { text, certain } }]
    for (const file of photos) {
      const value = { hash: await sendPicture(siteId, file, 'photos'), caption: '', about: found.subjectId }
      facts.push({ ...at, subject: 'photo', subjectId: uuid(), facet: 'taken', value })
    }
    return record(facts, `Found in ${row.name.toLowerCase()}: ${text}.`, [])
  }
  return (
    <ReadForm className="d-grid gap-2" read={foundIn} onRead={keep}>
      <ReadWords name="text" label="What was found, and where exactly" />
      <ReadWords name="photos" label="Photo of it" type="file" accept="image/*" multiple />
      <ReadTick name="suspected" label="Only suspected, not seen" />
      <WhatIsWrong />
      <Button type="submit">Keep it</Button>
    </ReadForm>
  )
}

/** What the form of something found says.
 * @throws ImpossibleRequest where it says nothing */
function foundIn(typed: Typed) {
  const text = saidIn(typed, 'text', 'What was found')
  return { text, certain: wordsIn(typed)('suspected') === '', photos: filesIn(typed, 'photos') }
}
