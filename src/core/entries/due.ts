import type { Day } from '../calendar/day'
import type { RegisterEntry } from '../walk/siteState'
import { isOpen, kindOf } from './entry'
import { holdsCover } from './work'

/** Fields that hold a day on which something is owed; other days tell when something was. */
const OWED = ['by', 'until', 'promised', 'due', 'expected', 'again']

/** The earliest day on which an entry asks for something, or null. */
export function dueDay({ kind, values }: Pick<RegisterEntry, 'kind' | 'values'>): Day | null {
  const days = kindOf(kind).fields.flatMap((field) =>
    field.kind === 'day' &&
    OWED.includes(field.key) &&
    typeof values[field.key] === 'string' &&
    values[field.key] !== ''
      ? [values[field.key] as Day]
      : [],
  )
  const follows = kindOf(kind).due?.(values) ?? null
  return [...days, ...(follows ? [follows] : [])].sort()[0] ?? null
}

/** Whether an entry is something that somebody asked. */
export const isQuestion = ({ kind }: Pick<RegisterEntry, 'kind'>): boolean => kindOf(kind).question === true

/** Why an entry is looked at, the most pressing reason first. */
export const STANDINGS = {
  holds: 'Holds something',
  due: 'Due',
  asked: 'Asked, and not answered',
  open: 'Open',
  told: 'Told',
} as const
export type Standing = keyof typeof STANDINGS

/** @param soon the last day that counts as due */
export function standingOf(entry: Pick<RegisterEntry, 'kind' | 'values' | 'settled'>, soon: Day): Standing {
  if (!isOpen(entry)) return 'told'
  if (holdsCover(kindOf(entry.kind), entry.values)) return 'holds'
  const due = dueDay(entry)
  if (due !== null && due <= soon) return 'due'
  return isQuestion(entry) ? 'asked' : 'open'
}
