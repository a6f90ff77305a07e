'use client'
import { heldLine } from '@/core/scope/line'
import FormCheckInput from 'react-bootstrap/FormCheckInput'
import FormControl from 'react-bootstrap/FormControl'
import FormLabel from 'react-bootstrap/FormLabel'
import FormSelect from 'react-bootstrap/FormSelect'
import Button from 'react-bootstrap/Button'
import { useState } from 'react'
import { v7 as uuid } from 'uuid'
import { dateOnly, dayOf, longDay } from '@/core/calendar/day'
import { hazardNotice } from '@/core/cautions/hazardNotice'
import { senseOf } from '@/core/schedule/sense'
import { answersWords } from '@/core/walk/answersWords'
import { entryName, isOpen, kindOf } from '@/core/entries/entry'
import { holdsCover } from '@/core/entries/work'
import { conditionWords, GROUNDS, SKIES, type SiteConditions } from '@/core/walk/siteConditions'
import { VISIT_KINDS, type VisitKind } from '@/core/walk/observation'
import { keepIsDue } from '@/core/walk/keepDue'
import { settlesOn } from '@/core/walk/settledOn'
import { placeName } from '@/core/walk/siteState'
import { Fold } from '../shared/Fold'
import { HeldFileSheet } from './HeldFileSheet'
import { HeldCount, Notices } from './HeldCount'
import type { WeatherReport } from './phoneStore'
import type { SiteWalk } from './useSiteWalk'
import styles from './Walk.module.css'

/** Before walking: what the last visit left open, and which kind of walk this is. */
export function StartWalk({ site }: { site: SiteWalk }) {
  const { snapshot, state } = site
  const last = state.walks.at(-1)
  /** The first walk of a site tells what is to be done, whatever was laid down from the desk. */
  const [kind, setKind] = useState<VisitKind>(last && state.lines.length > 0 ? 'progress' : 'scope')
  const [details, setDetails] = useState<StartDetails>({ with: '', phase: '', conditions: snapshot.weather })
  const start = async (): Promise<void> => {
    const walkId = uuid()
    const walk = {
      siteId: snapshot.site.id,
      walkId,
      kind,
      placeId: state.places[0]?.id ?? null,
      baseline: snapshot.registers,
    }
    await site.setWalk(walk)
    await site.record(
      [
        {
          subject: 'walk',
          subjectId: walkId,
          facet: 'started',
          placeId: null,
          value: {
            kind,
            day: snapshot.today,
            by: snapshot.person,
            ...(details.with.trim() ? { with: details.with } : {}),
            ...(details.phase ? { phase: details.phase } : {}),
            ...(details.conditions ? { conditions: conditionsOf(details.conditions) } : {}),
          },
        },
      ],
      walk,
    )
  }
  const decisions = state.decisions.filter((decision) => decision.answer === null)
  const findings = state.findings.filter((finding) => !finding.settled)
  const held = state.lines.filter((line) => line.held)
  const keeps = state.keeps.filter((keep) => !keep.released && keep.until)
  const entries = state.entries.filter(isOpen)
  const lessons = snapshot.lessons ?? []
  const { testedBefore } = senseOf(snapshot.standards ?? {})
  const hazards = hazardNotice(snapshot.site.built, state.entries, testedBefore)
  const left: readonly { id: string; text: string; at: string; now: boolean }[] = [
    ...held.map((line) => ({
      id: line.id,
      text: heldLine(line),
      at: placeName(state, line.placeId),
      now: true,
    })),
    ...decisions.map((one) => ({
      id: one.id,
      text: one.question,
      at: `${placeName(state, one.placeId)}, ${answersWords(one.owner)}${one.by ? ` by ${dateOnly(one.by)}` : ''}`,
      now: settlesOn(kind, 'decision'),
    })),
    ...findings.map((one) => ({
      id: one.id,
      text: one.text,
      at: `${placeName(state, one.placeId)}, ${one.certain ? 'seen' : 'suspected, look again'}`,
      now: settlesOn(kind, 'finding'),
    })),
    ...entries.map((entry) => ({
      id: entry.id,
      text: entryName(entry),
      at: `${placeName(state, entry.placeId)}, ${kindOf(entry.kind).register.toLowerCase()}`,
      now: settlesOn(kind, entry.kind) || holdsCover(kindOf(entry.kind), entry.values),
    })),
    ...keeps.map((keep) => ({
      id: keep.id,
      text: `${keep.text} stays`,
      at: `${placeName(state, keep.placeId)}, until ${keep.until}`,
      now: keepIsDue(keep, state, snapshot.today),
    })),
  ]
  const now = left.filter((one) => one.now)
  const later = left.filter((one) => !one.now)
  return (
    <>
      <header className={styles.head}>
        <div className={styles.headRow}>
          <a href="/today">Today</a>
          <HeldCount site={site} />
        </div>
        <h1>{snapshot.site.name}</h1>
        <p>
          {snapshot.workDay.day > 0 && `Working day ${snapshot.workDay.day}, week ${snapshot.workDay.week}. `}
          {last ? `Last walked ${longDay(dayOf(last.seenAt))} by ${last.by}` : 'Never walked yet'}
        </p>
      </header>
      <main className={styles.body}>
        <Notices site={site} />
        {hazards && <p className={`${styles.pad} notice`}>{hazards}</p>}
        <fieldset className={styles.kinds}>
          <legend className={styles.section}>What kind of walk?</legend>
          {(Object.keys(VISIT_KINDS) as VisitKind[]).map((one) => (
            <FormLabel key={one} className={kind === one ? styles.picked : undefined}>
              <FormCheckInput type="radio" name="kind" checked={kind === one} onChange={() => setKind(one)} />
              {VISIT_KINDS[one]}
            </FormLabel>
          ))}
        </fieldset>
        {left.length > 0 && <h2 className={styles.section}>Open from before, to settle on this walk</h2>}
        {left.length > 0 && now.length === 0 && <p className={styles.pad}>Nothing.</p>}
        <ul className={styles.rows}>
          {now.map((one) => (
            <Left key={one.id} {...one} />
          ))}
        </ul>
        {later.length > 0 && (
          <Fold className={styles.pad} title={<>Also open ({later.length})</>}>
            <ul className={styles.rows}>
              {later.map((one) => (
                <Left key={one.id} {...one} />
              ))}
            </ul>
          </Fold>
        )}
        {kind === 'scope' && lessons.length > 0 && (
          <>
            <h2 className={styles.section}>Learned elsewhere: look for</h2>
            <ul className={styles.rows}>
              {lessons.map((lesson) => (
                <li key={lesson} className={styles.row}>
                  {lesson}
                </li>
              ))}
            </ul>
          </>
        )}
        <VisitDetails site={site} details={details} onChange={setDetails} />
        <HeldFileSheet site={site} />
      </main>
      <footer className={styles.foot}>
        <Button
          bsPrefix="tap"
          className={styles.main}
          disabled={state.places.length === 0}
          onClick={() => void start()}
        >
          Start: {state.places[0]?.name ?? 'no places yet'}
        </Button>
      </footer>
    </>
  )
}

interface StartDetails {
  readonly with: string
  readonly phase: string
  /** Null until somebody tells, where no station does. */
  readonly conditions: WeatherReport | null
}

/** What the other values are once somebody has told one of them. */
const ORDINARY: SiteConditions = { sky: 'dry', low: 10, high: 18, ground: 'dry' }

const conditionsOf = ({ sky, low, high, ground }: WeatherReport): SiteConditions => ({ sky, low, high, ground })

/** Who else walks, which phase it belongs to, and what the day is like; filled in already, and folded away. */
function VisitDetails({
  site,
  details,
  onChange,
}: {
  readonly site: SiteWalk
  readonly details: StartDetails
  readonly onChange: (details: StartDetails) => void
}) {
  const phases = site.state.entries.filter((entry) => entry.kind === 'phase' && entry.settled === null)
  const { conditions } = details
  const weather = (part: Partial<SiteConditions>): void =>
    onChange({ ...details, conditions: { ...(conditions ?? ORDINARY), ...part, simulated: false } })
  return (
    <Fold
      className={styles.pad}
      title={
        <>
          {conditions ? conditionWords(conditions) : 'The weather, who else walks'}
          {conditions?.simulated && ', by the simulated weather station'}
        </>
      }
    >
      <div className={styles.form}>
        <FormLabel>
          Sky
          <FormSelect
            value={conditions?.sky ?? ''}
            onChange={(event) => weather({ sky: event.target.value as SiteConditions['sky'] })}
          >
            {!conditions && <option value="">Not told</option>}
            {SKIES.map((sky) => (
              <option key={sky}>{sky}</option>
            ))}
          </FormSelect>
        </FormLabel>
        <FormLabel>
          Ground
          <FormSelect
            value={conditions?.ground ?? ''}
            onChange={(event) => weather({ ground: event.target.value as SiteConditions['ground'] })}
          >
            {!conditions && <option value="">Not told</option>}
            {GROUNDS.map((ground) => (
              <option key={ground}>{ground}</option>
            ))}
          </FormSelect>
        </FormLabel>
        {(['low', 'high'] as const).map((end) => (
          <FormLabel key={end}>
            {end === 'low' ? 'Coldest, °C' : 'Warmest, °C'}
            <FormControl
              type="number"
              value={conditions?.[end] ?? ''}
              onChange={(event) => weather({ [end]: Math.round(Number(event.target.value)) })}
            />
          </FormLabel>
        ))}
        <FormLabel>
          Who else walks
          <FormControl value={details.with} onChange={(event) => onChange({ ...details, with: event.target.value })} />
        </FormLabel>
        {phases.length > 0 && (
          <FormLabel>
            Phase of the contract
            <FormSelect value={details.phase} onChange={(event) => onChange({ ...details, phase: event.target.value })}>
              <option value="">not said</option>
              {phases.map((phase) => (
                <option key={phase.id}>{String(phase.values.number)}</option>
              ))}
            </FormSelect>
          </FormLabel>
        )}
      </div>
    </Fold>
  )
}

const Left = ({ text, at }: { text: string; at: string }) => (
  <li className={styles.row}>
    <div>
      {text}
      <small>{at}</small>
    </div>
  </li>
)
