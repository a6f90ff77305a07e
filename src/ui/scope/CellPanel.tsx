'use client'
import { capital } from '@/core/lists/capital'
import Form from 'react-bootstrap/Form'
import Button from 'react-bootstrap/Button'
import { RESPONSIBLE } from '@/core/scope/responsible'
import { excludedWords, heldWords } from '@/core/scope/line'
import { STAGES } from '@/core/scope/vocabulary'
import type { Units } from '@/core/measure/length'
import { printMoney } from '@/core/measure/money'
import { Fold } from '../shared/Fold'
import { QuarterPad } from '../shared/QuarterPad'
import { ExtraAnswer } from './ExtraAnswer'
import { LineEdits } from './LineEdits'
import { PriceExtra } from './PriceExtra'
import { readValues, type CautionAt } from '@/core/walk/cautionReads'
import type { CellView, LineView, RecordFacts, RowView, ScopeProps } from './types'
import styles from './CellPanel.module.css'

interface CellPanelProps {
  readonly siteId: string
  readonly units: Units
  readonly pricing: ScopeProps['pricing']
  readonly today: string
  readonly row: RowView
  readonly cell: CellView
  readonly person: string
  readonly gatherers: ScopeProps['gatherers']
  readonly waitable: ScopeProps['waitable']
  readonly otherSites: ScopeProps['otherSites']
  readonly mayEdit: boolean
  readonly record: RecordFacts
  readonly onClose: () => void
}

/** The lines of one stage at one place: how far, how much, what holds it, what can hurt. */
export function CellPanel({
  siteId,
  units,
  pricing,
  today,
  row,
  cell,
  person,
  gatherers,
  waitable,
  otherSites,
  mayEdit,
  record,
  onClose,
}: CellPanelProps) {
  const set = (line: LineView, facet: string, value: unknown, was: unknown, words: string): Promise<boolean> => {
    const fact = { subject: 'line', subjectId: line.id, facet, placeId: row.placeId }
    return record([{ ...fact, value }], `${line.title}: ${words}.`, [{ ...fact, value: was }])
  }
  const setPrice = (line: LineView, price: number): Promise<boolean> => {
    const fact = { subject: 'line', subjectId: line.id, placeId: row.placeId }
    const [cost, amount] = [
      { ...fact, facet: 'price' },
      { ...fact, facet: 'pricedFor' },
    ] as const
    return record(
      [
        { ...cost, value: price },
        { ...amount, value: line.amount?.value ?? null },
      ],
      `${line.title}: priced.`,
      [
        { ...cost, value: line.price },
        { ...amount, value: line.pricedFor },
      ],
    )
  }
  return (
    <>
      <header className={styles.head}>
        <h2>
          {STAGES[cell.stage]}, {row.name.toLowerCase()}
        </h2>
        <Button variant="quiet" size="sm" onClick={onClose}>
          Close
        </Button>
      </header>
      <Honest row={row} cell={cell} record={record} mayEdit={mayEdit} />
      {cell.held && <p className="notice notice-error">{cell.held}</p>}
      {cell.gate && (
        <section className={styles.gate}>
          <h3>Before it is covered</h3>
          <ul>
            {cell.gate.items.map((item) => (
              <li key={item.id}>
                {item.kind === 'photo' && mayEdit ? (
                  <Form.Label className={styles.tick}>
                    <Form.Check.Input
                      type="checkbox"

                      checked={item.done}
                      onChange={(event) => {
                        const fact = { subject: 'gate', subjectId: item.id, facet: 'ticked', placeId: row.placeId }
                        void record(
                          [{ ...fact, value: event.target.checked }],
                          `${item.text}: ${event.target.checked ? 'in' : 'not in'}.`,
                          [{ ...fact, value: item.done }],
                        )
                      }}
                    />
                    {item.text}
                  </Form.Label>
                ) : (
                  <>
                    <span className={item.done ? 'well' : 'due'}>{item.done ? 'in' : 'open'}</span> {item.text}
                    {item.failed && <span className="late"> {item.failed}</span>}
                  </>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {cell.cautions.map((caution) => (
        <CautionBox key={caution.id} caution={caution} person={person} placeId={row.placeId} record={record} />
      ))}
      {cell.lines.map((line) => (
        <article key={line.id} className={styles.line}>
          <h3>{line.title}</h3>
          <p className="soft">
            {line.tradeName}
            {line.quantity && line.quantity !== '1' && (
              <>
                , <span className="measure">{line.quantity}</span>
              </>
            )}
            , <span className="measure">{line.hours} h</span>
            {line.when && `, ${line.when}`}
            {line.extra && ', an extra'}
            {line.responsible && line.responsible !== 'us' && `, ${RESPONSIBLE[line.responsible]}`}
            {line.price !== null && (
              <>
                , <span className="measure">{printMoney(line.price)}</span>
              </>
            )}
          </p>
          {line.priceWords && <p className="due">{line.priceWords}</p>}
          {line.excluded && <p className="due">Out of the scope: {excludedWords(line.excluded)}</p>}
          {mayEdit && line.excluded === null && (
            <QuarterPad
              title={line.title}
              stage={cell.stage}
              value={line.progress}
              onSet={(value) => void set(line, 'progress', value, line.progress, `${value} per cent`)}
            />
          )}
          {line.held && <p className="late">{capital(heldWords(line.held))}</p>}
          {line.waits.length > 0 && <p className="due">Waits for {line.waits.map(({ words }) => words).join('; ')}.</p>}
          {line.followed.length > 0 && <p className="soft">Waits for it: {line.followed.join('; ')}.</p>}
          <Fold title="How was this reckoned?">
            <p>
              {line.how}
              {line.rough && <strong> Rough: measure before ordering.</strong>}
            </p>
            {line.toBuy.length > 0 && (
              <p>
                <strong>To buy.</strong> {line.toBuy.join(' ')}
              </p>
            )}
          </Fold>
          {mayEdit && line.extra && (
            <PriceExtra line={line} units={units} pricing={pricing} onPrice={(price) => void setPrice(line, price)} />
          )}
          {mayEdit && line.extra && (
            <ExtraAnswer siteId={siteId} placeId={row.placeId} line={line} today={today} record={record} />
          )}
          {mayEdit && (
            <LineEdits
              key={line.id}
              line={line}
              units={units}
              placeId={row.placeId}
              gatherers={gatherers}
              waitable={waitable}
              otherSites={otherSites}
              record={record}
            />
          )}
        </article>
      ))}
    </>
  )
}

/** What can hurt somebody, who may clear it, and who has read it. */
function CautionBox({
  caution,
  person,
  placeId,
  record,
}: {
  readonly caution: CautionAt
  readonly person: string
  readonly placeId: string
  readonly record: RecordFacts
}) {
  const { readBy } = caution
  const read = (): void => {
    const value = { kind: 'caution-read', values: readValues(caution, person) }
    const fact = { subject: 'entry', subjectId: caution.entryId, placeId }
    void record([{ ...fact, facet: 'written', value }], `${caution.what}: read by ${person}.`, [])
  }
  return (
    <p className={styles.caution}>
      <strong>{caution.what}.</strong> {caution.care} Only {caution.deferTo} may clear it.
      {readBy.length > 0 && <span className="soft"> Read by {readBy.join(', ')}.</span>}
      {!readBy.includes(person) && (
        <Button variant="quiet" size="sm" className="ms-2" onClick={read}>
          I have read it<span className="visually-hidden">: {caution.what}</span>
        </Button>
      )}
    </p>
  )
}

function Honest({ row, cell, record, mayEdit }: Pick<CellPanelProps, 'row' | 'cell' | 'record' | 'mayEdit'>) {
  const set = (value: number): void => {
    const fact = { subject: 'stage', subjectId: `${row.placeId}/${cell.stage}`, facet: 'eye', placeId: row.placeId }
    void record(
      [{ ...fact, value }],
      `By eye: ${value} per cent.`,
      cell.eye === null ? [] : [{ ...fact, value: cell.eye }],
    )
  }
  return (
    <div className={styles.honest}>
      <p>
        Honestly <strong className="measure">{cell.percent} %</strong>
        {cell.eye !== null && cell.eye !== cell.percent && (
          <>
            {' '}
            though it looks like <strong className="measure">{cell.eye} %</strong>
          </>
        )}
        .
      </p>
      {mayEdit && (
        <Form.Label className="soft">
          By eye it looks like{' '}
          <Form.Select
            className="form-select-sm d-inline-block w-auto"
            value={cell.eye ?? ''}
            onChange={(event) => set(Number(event.target.value))}
          >
            <option value="" disabled>
              not said
            </option>
            {[0, 10, 25, 40, 50, 60, 75, 90, 95, 100].map((percent) => (
              <option key={percent} value={percent}>
                {percent} %
              </option>
            ))}
          </Form.Select>
        </Form.Label>
      )}
    </div>
  )
}
