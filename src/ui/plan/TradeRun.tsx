import Link from 'next/link'
import type { Stage } from '@/core/scope/vocabulary'
import { Fold } from '../shared/Fold'
import { stageHue } from '../shared/stageHue'
import styles from './LookAhead.module.css'
import type { Week } from './WeekBars'
import { WeekLoad } from './WeekLoad'

interface Visit {
  readonly key: string
  readonly siteId: string
  readonly site: string
  readonly stage: Stage
  readonly what: string
  readonly places: string
  readonly when: string
  readonly hours: number
  readonly booking: string
  readonly ready: boolean
  readonly open: readonly string[]
  readonly alongside: readonly string[]
}

export interface TradeRunProps {
  readonly crew: {
    readonly id: string
    readonly name: string
    readonly trade: string
    readonly size: string
    readonly contact: string
    readonly licence: string
  }
  readonly others: readonly { readonly id: string; readonly name: string }[]
  readonly visits: readonly Visit[]
  readonly weeks: readonly Week[]
  readonly holes: readonly {
    readonly words: string
    readonly next: { readonly key: string; readonly siteId: string; readonly what: string; readonly why: string }
  }[]
  readonly clashes: readonly string[]
}

const visitLink = (siteId: string, key: string): string => `/sites/${siteId}/plan?visit=${encodeURIComponent(key)}`

/** One trade through all sites: where it goes next, how full its weeks are, where it stands idle. */
export function TradeRun({ crew, others, visits, weeks, holes, clashes }: TradeRunProps) {
  return (
    <div className="page">
      <h1>{crew.name}</h1>
      <p>
        {crew.trade}, {crew.size}
        {crew.licence && `, licence ${crew.licence}`}
        {crew.contact && `, ${crew.contact}`}. {visits.length === 1 ? 'One visit' : `${visits.length} visits`} to come.
      </p>
      <Fold className="mb-3" title="Other trades">
        <nav className={styles.choices} aria-label="Trades">
          {others.map((one) => (
            <Link
              key={one.id}
              href={`/plan/trades/${one.id}`}
              className={`btn btn-sm ${one.id === crew.id ? 'btn-primary' : 'btn-quiet'}`}
              aria-current={one.id === crew.id ? 'page' : undefined}
            >
              {one.name}
            </Link>
          ))}
        </nav>
      </Fold>
      <div className={styles.columns}>
        <section className={styles.group}>
          <h2>Its run</h2>
          {visits.length === 0 && <p>Nothing is planned for them.</p>}
          <ol className={styles.rows}>
            {visits.map((visit) => (
              <li key={visit.key} style={{ borderColor: stageHue(visit.stage) }}>
                <Link href={visitLink(visit.siteId, visit.key)}>
                  {visit.what}, {visit.places}
                </Link>
                <span className="d-block">
                  {visit.when}, {visit.site}, <span className="measure">{visit.hours} h</span>,{' '}
                  <span className={visit.booking === 'declined' ? 'late' : 'soft'}>{visit.booking}</span>
                </span>
                {visit.open.length > 0 && <span className="d-block due">{visit.open.join('. ')}.</span>}
                {visit.alongside.length > 0 && (
                  <span className="d-block soft">There too: {visit.alongside.join('; ')}.</span>
                )}
              </li>
            ))}
          </ol>
        </section>
        <aside>
          <section className={styles.group}>
            <h2>How full its weeks are</h2>
            <WeekLoad weeks={weeks} />
          </section>
          {clashes.length > 0 && (
            <section className={styles.group}>
              <h2>Clashes</h2>
              {clashes.map((words) => (
                <p key={words} className="late">
                  {words}
                </p>
              ))}
            </section>
          )}
          <section className={styles.group}>
            <h2>Where it stands idle</h2>
            {holes.length === 0 && <p>Nowhere for a day between two visits.</p>}
            <ul>
              {holes.map(({ words, next }) => (
                <li key={words}>
                  {words} Then <Link href={visitLink(next.siteId, next.key)}>{next.what}</Link>, not earlier because:{' '}
                  {next.why}
                </li>
              ))}
            </ul>
          </section>
        </aside>
      </div>
    </div>
  )
}
