import Table from 'react-bootstrap/Table'
import type { Stage } from '@/core/scope/vocabulary'
import type { Coming } from '@/core/walk/coming'
import { MistStrip } from '../shared/MistStrip'
import { stageHue } from '../shared/stageHue'
import { PlanAgain } from '../shared/PlanAgain'
import { WhoCame } from './WhoCame'
import styles from './TodayDesk.module.css'

interface Stay {
  readonly key: string
  readonly stage: Stage
  readonly text: string
  readonly note: string
  /** Whether they came today, where somebody said. */
  readonly came: Coming['how'] | null
  /** Whether somebody is due today. */
  readonly due: boolean
}

export interface TodayDeskProps {
  readonly today: string
  readonly day: string
  readonly lead: string
  readonly stale: readonly string[]
  /** Sites that could not be shown. */
  readonly failed: readonly string[]
  readonly mayPlan: boolean
  readonly board: readonly {
    readonly siteId: string
    readonly name: string
    readonly line: string
    readonly morning: readonly Stay[]
    readonly afternoon: readonly Stay[]
    readonly tomorrow: readonly Stay[]
    readonly tomorrowIs: string
  }[]
  readonly needs: readonly {
    readonly when: string
    readonly note: string
    readonly text: string
    readonly detail: string
    readonly href: string
    readonly action: string
    readonly cost: number
  }[]
  readonly next: readonly {
    readonly siteId: string
    readonly name: string
    readonly minutes: number
    readonly reason: string
    readonly clearness: readonly { readonly name: string; readonly clearness: number }[]
  }[]
}

/** The morning desk: who is where, what needs you, which site to walk next and why. */
export function TodayDesk(props: TodayDeskProps) {
  const { today, day, lead, stale, failed, board, needs, next, mayPlan } = props
  return (
    <div className={`page ${styles.desk}`}>
      <div>
        <h1>{today}</h1>
        <p className={styles.lead}>{lead}</p>
        {stale.length > 0 && mayPlan && (
          <div className="notice">
            Something was learned about {stale.join(' and ')} since the plan was made. <PlanAgain />
          </div>
        )}
        {failed.length > 0 && (
          <div className="notice notice-error">
            {failed.join(' and ')} could not be shown; the other sites are below. The server’s log tells why.
          </div>
        )}
        {board.length === 0 && failed.length === 0 ? <FirstSite /> : <WhoIsWhere board={board} day={day} />}
        {needs.length > 0 && <Needs needs={needs} />}
      </div>
      {next.length > 0 && <WalkNext next={next} />}
    </div>
  )
}

function FirstSite() {
  return (
    <div className="notice">
      <p>
        Give Aftermist one house: its rooms with their sizes, like <q>Kitchen, 4.1 x 3.9</q>, and what happens in each,
        like <q>kitchen stripped and rebuilt</q>. It lays down the work and plans it.
      </p>
      <a className="btn btn-primary" href="/sites/new">
        Start a site
      </a>
    </div>
  )
}

function WhoIsWhere({ board, day }: Pick<TodayDeskProps, 'board' | 'day'>) {
  return (
    <Table className={styles.board}>
      <thead>
        <tr>
          <th scope="col">Who is where</th>
          <th scope="col">this morning</th>
          <th scope="col">this afternoon</th>
          <th scope="col">{board[0]?.tomorrowIs}</th>
        </tr>
      </thead>
      <tbody>
        {board.map((row) => (
          <tr key={row.siteId}>
            <th scope="row">
              <a href={`/sites/${row.siteId}/scope`}>{row.name}</a>
              <small>{row.line}</small>
            </th>
            <Stays label="this morning" stays={row.morning} asked={{ day, siteId: row.siteId }} />
            <Stays
              label="this afternoon"
              stays={row.afternoon}
              asked={{ day, siteId: row.siteId, but: row.morning.map(({ key }) => key) }}
            />
            <Stays label={row.tomorrowIs} stays={row.tomorrow} />
          </tr>
        ))}
      </tbody>
    </Table>
  )
}

function Stays({
  label,
  stays,
  asked,
}: {
  label: string
  stays: readonly Stay[]
  /** Of those who are due it is asked whether they came, once a day. */
  asked?: { readonly day: string; readonly siteId: string; readonly but?: readonly string[] }
}) {
  return (
    <td data-label={label}>
      {stays.length === 0 && <span className="soft">nobody</span>}
      {stays.map((stay) => (
        <div key={stay.key} className={styles.stay} style={{ borderColor: stageHue(stay.stage) }}>
          {stay.text}
          <small className={stay.note.startsWith('held') || stay.note.endsWith('declined') ? 'late' : 'soft'}>
            {stay.note}
          </small>
          {asked && stay.due && !asked.but?.includes(stay.key) && (
            <WhoCame visitKey={stay.key} what={stay.text} day={asked.day} siteId={asked.siteId} told={stay.came} />
          )}
        </div>
      ))}
    </td>
  )
}

function Needs({ needs }: { needs: TodayDeskProps['needs'] }) {
  return (
    <section aria-labelledby="needs">
      <h2 id="needs">What needs you, most pressing first</h2>
      <ul className={styles.needs}>
        {needs.map((need) => (
          <li key={`${need.href}${need.text}`}>
            <div>
              <strong className={need.cost >= 150 ? 'late' : 'due'}>{need.when}</strong>
              <small>{need.note}</small>
            </div>
            <div>
              {need.text}
              <small>{need.detail}</small>
            </div>
            <a className="btn btn-quiet" href={need.href}>
              {need.action}
              <span className="visually-hidden">: {need.text}</span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  )
}

function WalkNext({ next }: { next: TodayDeskProps['next'] }) {
  return (
    <aside className={styles.next} aria-labelledby="walk-next">
      <h2 id="walk-next">Walk next</h2>
      {next.map((site) => (
        <section key={site.siteId}>
          <h3>
            {site.name} <span className="measure">{site.minutes} min</span>
          </h3>
          <MistStrip places={site.clearness} />
          <p>{site.reason}</p>
        </section>
      ))}
      <a className="btn btn-secondary w-100" href={`/walk#${next[0]!.siteId}`}>
        Walk {next[0]!.name}
      </a>
    </aside>
  )
}
