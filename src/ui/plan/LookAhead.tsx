import Link from 'next/link'
import { aheadBy } from '@/core/share/printedPaper'
import type { Stage } from '@/core/scope/vocabulary'
import { stageHue } from '../shared/stageHue'
import styles from './LookAhead.module.css'

export interface AheadRow {
  readonly key: string
  readonly siteId: string
  readonly site: string
  readonly what: string
  readonly stage: Stage
  readonly places: string
  readonly trade: string
  readonly crew: string | null
  readonly crewId: string | null
  readonly when: string
  readonly ready: boolean
  readonly constraints: readonly { readonly kind: string; readonly words: string; readonly cleared: boolean }[]
}
interface Became {
  readonly planned: number
  readonly done: number
  readonly missed: readonly string[]
}

export interface LookAheadProps {
  readonly site: { readonly id: string; readonly name: string } | null
  readonly sites: readonly { readonly id: string; readonly name: string }[]
  readonly weeks: 2 | 3
  readonly by: 'trade' | 'place'
  readonly until: string
  readonly rows: readonly AheadRow[]
  readonly ready: readonly string[]
  readonly lastWeek: Became | null
  readonly yesterday: Became | null
  readonly tomorrow: { readonly day: string; readonly rows: readonly AheadRow[] }
  readonly blocked: readonly { readonly kind: string; readonly count: number }[]
}

const KINDS: Readonly<Record<string, string>> = {
  people: 'people who have not confirmed',
  material: 'material',
  decision: 'a decision',
  permit: 'a permit or a letter',
  hold: 'a hold',
  gate: 'a gate',
  dry: 'drying',
  weather: 'the weather as it is forecast (simulated)',
}

/** What starts soon, whether it is cleared, and by what not; tomorrow; and what became of the plans before. */
export function LookAhead(props: LookAheadProps) {
  const { site, sites, weeks, by, rows, tomorrow } = props
  const link = (change: Readonly<Record<string, string>>): string =>
    `/plan/ahead?${new URLSearchParams({ ...(site ? { site: site.id } : {}), weeks: String(weeks), by, ...change }).toString()}`
  return (
    <div className="page">
      <h1>
        The next {weeks === 2 ? 'two' : 'three'} weeks{site && `, ${site.name}`}
      </h1>
      <p>
        {rows.length === 0 ? `Nothing starts until ${props.until}.` : props.ready[0]}{' '}
        {props.blocked.length > 0 &&
          `What holds most: ${props.blocked.map(({ kind, count }) => `${KINDS[kind]} (${count})`).join(', ')}.`}
      </p>
      <nav className={`no-print ${styles.choices}`} aria-label="What is shown">
        {([2, 3] as const).map((one) => (
          <Choice key={one} href={link({ weeks: String(one) })} on={weeks === one}>
            {one === 2 ? 'Two weeks' : 'Three weeks'}
          </Choice>
        ))}
        {(['trade', 'place'] as const).map((one) => (
          <Choice key={one} href={link({ by: one })} on={by === one}>
            By {one}
          </Choice>
        ))}
        <a className="btn btn-sm btn-quiet" href={link({}).replace('/plan/ahead', '/api/plan/ahead')} download>
          As a PDF
        </a>
        <Choice href={link({ site: '' })} on={site === null}>
          All sites
        </Choice>
        {sites.map((one) => (
          <Choice key={one.id} href={link({ site: one.id })} on={site?.id === one.id}>
            {one.name}
          </Choice>
        ))}
      </nav>
      <div className={styles.columns}>
        <div>
          {[...aheadBy(by, rows)].map(([group, its]) => (
            <section key={group} className={styles.group}>
              <h2>
                {by === 'trade' && its[0]!.crewId ? (
                  <Link href={`/plan/trades/${its[0]!.crewId}`}>{group}</Link>
                ) : (
                  group
                )}
              </h2>
              <Rows rows={its} crews={by === 'place'} />
            </section>
          ))}
        </div>
        <aside>
          <section className={styles.group}>
            <h2>{tomorrow.day}</h2>
            {tomorrow.rows.length === 0 ? <p>Nobody is expected.</p> : <Rows rows={tomorrow.rows} crews />}
          </section>
          <Before title="Last week" became={props.lastWeek} words={props.ready[1]} />
          <Before title="Yesterday" became={props.yesterday} />
        </aside>
      </div>
    </div>
  )
}

function Choice({
  href,
  on,
  children,
}: {
  readonly href: string
  readonly on: boolean
  readonly children: React.ReactNode
}) {
  return (
    <Link
      href={href}
      className={`btn btn-sm ${on ? 'btn-primary' : 'btn-quiet'}`}
      aria-current={on ? 'true' : undefined}
    >
      {children}
    </Link>
  )
}

function Rows({ rows, crews }: { readonly rows: readonly AheadRow[]; readonly crews: boolean }) {
  return (
    <ul className={styles.rows}>
      {rows.map((row) => {
        const open = row.constraints.filter(({ cleared }) => !cleared)
        const cleared = row.constraints.filter((one) => one.cleared)
        return (
          <li key={row.key} style={{ borderColor: stageHue(row.stage) }}>
            <Link href={`/sites/${row.siteId}/plan?visit=${encodeURIComponent(row.key)}`}>
              {row.what}, {row.places}
            </Link>
            <span className="d-block soft">
              {row.when}, {row.site}
              {crews && `, ${row.crew ?? 'nobody'}`}
            </span>
            {row.ready ? (
              <span className="well">Ready.</span>
            ) : (
              <span className={open.every(({ kind }) => kind === 'people') ? 'due' : 'late'}>
                {open.map(({ words }) => words).join('. ')}.
              </span>
            )}{' '}
            {cleared.length > 0 && <span className="soft small">{cleared.map(({ words }) => words).join('. ')}.</span>}
          </li>
        )
      })}
    </ul>
  )
}

function Before({
  title,
  became,
  words,
}: {
  readonly title: string
  readonly became: Became | null
  readonly words?: string | undefined
}) {
  return (
    <section className={styles.group}>
      <h2>{title}</h2>
      {became === null ? (
        <p className="soft">No plan is on record from then.</p>
      ) : became.planned === 0 ? (
        <p>Nothing was to be finished.</p>
      ) : (
        <p>{words ?? `${became.done} of ${became.planned} were done.`}</p>
      )}
      {became && became.missed.length > 0 && (
        <>
          <p className="mb-1">Not done:</p>
          <ul>
            {became.missed.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
