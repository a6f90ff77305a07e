import type { Day } from '../calendar/day'
import type { Line } from '../scope/line'
import { lineByHand } from '../scope/lineByHand'
import type { Stage, Trade } from '../scope/vocabulary'
import type { NewFact } from '../walk/observation'
import type { PlannedVisit } from './plan'
import type { Pin } from './problem'

/** What somebody at the desk wants of the plan. */
export type PlanChange =
  /** A visit to another half-day. */
  | { readonly kind: 'move'; readonly visitKey: string; readonly day: Day; readonly half: 0 | 1 }
  /** Two visits take each other's start. */
  | { readonly kind: 'swap'; readonly visitKey: string; readonly withKey: string }
  /** A visit waits until a day, or until somebody says more. */
  | { readonly kind: 'hold'; readonly visitKey: string; readonly reason: string; readonly until: Day | null }
  /** Some of its lines, or the hours after the first, are done in another coming. */
  | {
      readonly kind: 'split'
      readonly visitKey: string
      readonly lineIds: readonly string[]
      readonly hours: number | null
    }
  /** A coming for work that is in no line yet. */
  | {
      readonly kind: 'add'
      readonly siteId: string
      readonly placeId: string
      readonly stage: Stage
      readonly trade: Trade
      readonly title: string
      readonly hours: number
    }

/** What a change does to everybody, in words. */
export interface Consequence {
  /** Whether the visit really stands where it was put. */
  readonly stands: boolean
  readonly lead: string
  readonly moved: readonly {
    readonly what: string
    readonly days: string
    readonly shift: string
    readonly booked: string
  }[]
  readonly finish: readonly string[]
  /** Crews with a day on which they now have nothing to do. */
  readonly lost: readonly string[]
  /** What moves without the change too, by what was learned since the plan was made; '' where nothing does. */
  readonly anyway: string
}

/** What follows where people did not come: when they would come now, who moves, and what else can be done meanwhile. */
export type Missed = Pick<Consequence, 'lead' | 'moved' | 'finish' | 'lost' | 'anyway'> & {
  readonly instead: readonly string[]
}

/** A fact with the line that it is about. */
export type LineFact = NewFact & { readonly subject: 'line' }

/** Starts to set by hand for a change that is only of days. */
export function pinsFor(change: PlanChange, byKey: ReadonlyMap<string, PlannedVisit>): readonly Pin[] {
  if (change.kind === 'move') return [{ visitKey: change.visitKey, day: change.day, half: change.half }]
  if (change.kind !== 'swap') return []
  const [one, other] = [byKey.get(change.visitKey), byKey.get(change.withKey)]
  return one && other ? [startingLike(one, other), startingLike(other, one)] : []
}

const startingLike = (visit: PlannedVisit, { startDay, startHalf }: PlannedVisit): Pin => ({
  visitKey: visit.key,
  day: startDay,
  half: startHalf,
})

const SAID = 'hours said at the desk'

/** What is to be recorded of lines of work for a change.
 * @param lines those of the visit that it is about
 * @param newId makes an id for a line that is laid down */
export function factsFor(change: PlanChange, lines: readonly Line[], newId: () => string): readonly LineFact[] {
  switch (change.kind) {
    case 'hold':
      return lines.map((line) =>
        fact(line, 'held', { reason: change.reason, ...(change.until ? { until: change.until } : {}) }),
      )
    case 'split':
      return change.hours === null
        ? lines.filter(({ id }) => change.lineIds.includes(id)).map((line) => fact(line, 'coming', line.coming + 1))
        : lines.flatMap((line) => halved(line, change.hours!, newId))
    case 'add': {
      const { placeId, stage, trade, title, hours } = change
      return [
        {
          subject: 'line',
          subjectId: newId(),
          facet: 'laid',
          placeId,
          value: lineByHand({ placeId, stage, trade, title, hours, how: SAID }),
        },
      ]
    }
    default:
      return []
  }
}

/** What has to be recorded to take facts of a change back. */
export function takingBack(facts: readonly LineFact[], lines: readonly Line[]): readonly LineFact[] {
  const before = new Map(lines.map((line) => [line.id, line]))
  return facts.flatMap((one): LineFact[] => {
    const line = before.get(one.subjectId)
    if (!line) return one.facet === 'laid' ? [{ ...one, facet: 'removed', value: true }] : []
    const was: Partial<Record<string, unknown>> = {
      held: line.held,
      coming: line.coming,
      hours: line.hours === line.reckoned.hours ? null : line.hours,
    }
    return [{ ...one, value: was[one.facet] } as LineFact]
  })
}

const fact = <F extends 'held' | 'coming' | 'hours'>(
  line: Pick<Line, 'id' | 'placeId'>,
  facet: F,
  value: Extract<LineFact, { facet: F }>['value'],
): LineFact => ({ subject: 'line', subjectId: line.id, facet, placeId: line.placeId, value }) as LineFact

/** One line as two: so many hours now, the others in a later coming. */
function halved(line: Line, hours: number, newId: () => string): LineFact[] {
  const id = newId()
  const { placeId, stage, trade, action, element, title, cautions } = line
  const rest = lineByHand({
    placeId,
    stage,
    trade,
    title: `${title}, second part`,
    hours: line.hours - hours,
    how: SAID,
  })
  return [
    fact(line, 'hours', hours),
    { subject: 'line', subjectId: id, facet: 'laid', placeId, value: { ...rest, action, element, cautions } },
    fact({ id, placeId }, 'coming', line.coming + 1),
  ]
}
