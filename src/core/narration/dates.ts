import { addDays, weekday, type Day } from '../calendar/day'
import { SMALL_NUMBERS } from '../measure/spokenNumber'

const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']
const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
]
const ORDINALS = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
  'twelfth',
  'thirteenth',
  'fourteenth',
  'fifteenth',
  'sixteenth',
  'seventeenth',
  'eighteenth',
  'nineteenth',
  'twentieth',
  'twenty first',
  'twenty second',
  'twenty third',
  'twenty fourth',
  'twenty fifth',
  'twenty sixth',
  'twenty seventh',
  'twenty eighth',
  'twenty ninth',
  'thirtieth',
  'thirty first',
]
const COUNTS: Readonly<Record<string, number>> = { ...SMALL_NUMBERS, a: 1, an: 1, couple: 2 }
const DAY_NAME = `(${WEEKDAYS.join('|')})`
const MONTH = `(${MONTHS.map((month) => `${month}|${month.slice(0, 3)}`).join('|')})`
const NUMBERED = `(\\d{1,2}(?:st|nd|rd|th)?|${[...ORDINALS].reverse().join('|')})`

/** A day named in plain words, resolved against today; the words that named it.
 * A bare weekday is the next one to come, 'next Friday' that of next week, 'Monday week' seven days after the bare one. */
export function readDate(text: string, today: Day): { day: Day; words: string } | null {
  for (const [pattern, resolve] of PATTERNS) {
    const match = pattern.exec(text)
    if (!match) continue
    const day = resolve(match, today)
    if (day) return { day, words: match[0] }
  }
  return null
}

type Resolve = (match: RegExpExecArray, today: Day) => Day | null

const PATTERNS: readonly (readonly [RegExp, Resolve])[] = [
  [/\bthe day after tomorrow\b/, (_, today) => addDays(today, 2)],
  [/\bthe day before yesterday\b/, (_, today) => addDays(today, -2)],
  [/\b(?:tomorrow week|a week tomorrow)\b/, (_, today) => addDays(today, 8)],
  [/\b(?:a week today|today week|this time next week)\b/, (_, today) => addDays(today, 7)],
  [/\btomorrow\b/, (_, today) => addDays(today, 1)],
  [/\b(?:today|tonight|this (?:morning|afternoon|evening))\b/, (_, today) => today],
  [/\byesterday\b/, (_, today) => addDays(today, -1)],
  [
    new RegExp(`\\b(?:a week (?:on |this |from )?${DAY_NAME}|${DAY_NAME} week|week (?:on|from) ${DAY_NAME})\\b`),
    (m, today) => addDays(coming(m[1] ?? m[2] ?? m[3]!, today), 7),
  ],
  [
    new RegExp(
      `\\b(?:a fortnight (?:on |this |from )?${DAY_NAME}|two weeks (?:on|from|this) ${DAY_NAME}|${DAY_NAME} fortnight)\\b`,
    ),
    (m, today) => addDays(coming(m[1] ?? m[2] ?? m[3]!, today), 14),
  ],
  [new RegExp(`\\bnext ${DAY_NAME}\\b`), (m, today) => addDays(mondayOf(today), 7 + WEEKDAYS.indexOf(m[1]!))],
  [
    new RegExp(`\\b${DAY_NAME} (?:of )?next week\\b`),
    (m, today) => addDays(mondayOf(today), 7 + WEEKDAYS.indexOf(m[1]!)),
  ],
  [new RegExp(`\\blast ${DAY_NAME}\\b`), (m, today) => addDays(coming(m[1]!, addDays(today, -1)), -7)],
  [new RegExp(`\\b${DAY_NAME} last week\\b`), (m, today) => addDays(mondayOf(today), WEEKDAYS.indexOf(m[1]!) - 7)],
  [
    /\bend of (?:the |this )?week\b|\b(?:by|before) the weekend\b|\bweek is end\b/,
    (_, today) => addDays(mondayOf(today), 4),
  ],
  [/\bend of next week\b/, (_, today) => addDays(mondayOf(today), 11)],
  [/\b(?:start|beginning) of next week\b/, (_, today) => addDays(mondayOf(today), 7)],
  [
    new RegExp(`\\b${MONTH} (?:the )?${NUMBERED}\\b(?! (?:to \\w+ )?(?:working )?(?:days?|weeks?|months?|hours?)\\b)`),
    (m, today) => dayOfMonth(m[2]!, m[1]!, today),
  ],
  [new RegExp(`\\b(?:the )?${NUMBERED} (?:of )?${MONTH}\\b`), (m, today) => dayOfMonth(m[1]!, m[2]!, today)],
  [new RegExp(`\\b(?:start|beginning) of ${MONTH}\\b`), (m, today) => dayOfMonth('1', m[1]!, today)],
  [
    new RegExp(`\\b(?:end|last day) of ${MONTH}\\b`),
    (m, today) => {
      const first = dayOfMonth('1', m[1]!, today)
      return first && lastOfMonth(first)
    },
  ],
  [/\bend of (?:the |this )?month\b/, (_, today) => lastOfMonth(today)],
  [
    /\b(?:in|within) (?:about |around |another )?(a|an|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+|a couple of) (day|week|fortnight|month)s?\b/,
    (m, today) => span(m[1]!, m[2]!, today),
  ],
  [
    /\b(two|three|four|five|six|\d+|a) (day|week|fortnight)s? (?:from now|today|time)\b/,
    (m, today) => span(m[1]!, m[2]!, today),
  ],
  [
    new RegExp(`\\b${DAY_NAME} (?:the )?${NUMBERED}\\b(?! [a-z]+ (?:past|to)\\b)`),
    (m, today) => onWeekday(m[1]!, m[2]!, today),
  ],
  [
    new RegExp(
      `\\bthe ${NUMBERED}\\b(?=$| *[^a-z ]| (?:and|but|so|for|at|in|if|when|or|to|then|the|a|he|she|they|we|you|i|it|that|with|by|not|is|are|will|unless|because|from|on|until|before|after|morning|afternoon|now|instead|latest|too|as|no|weather|of (?!the|them|those|these))\\b)`,
    ),
    (m, today) => nextNumbered(m[1]!, today),
  ],
  [new RegExp(`\\b${DAY_NAME}\\b`), (m, today) => coming(m[1]!, today)],
]

const mondayOf = (day: Day): Day => addDays(day, 1 - weekday(day))

/** The next such weekday strictly after a day. */
function coming(name: string, today: Day): Day {
  const ahead = (WEEKDAYS.indexOf(name) + 1 - weekday(today) + 7) % 7
  return addDays(today, ahead === 0 ? 7 : ahead)
}

/** 'Friday 25', 'Friday the 18th': the day of this month, the next or the last that is such a weekday, the nearest ahead first.
 * @returns null where that number is none of those days, and may count something else */
function onWeekday(name: string, number: string, today: Day): Day | null {
  const months = [today.slice(0, 7), nextMonth(today), addDays(`${today.slice(0, 8)}01` as Day, -1).slice(0, 7)]
  const days = months.flatMap((month) => onMonth(month, numberOf(number)) ?? [])
  const those = days.filter((day) => weekday(day) === WEEKDAYS.indexOf(name) + 1)
  return those.find((day) => day > today) ?? those[0] ?? null
}

const numberOf = (text: string): number =>
  ORDINALS.includes(text) ? ORDINALS.indexOf(text) + 1 : Number.parseInt(text, 10)

function onMonth(month: string, number: number): Day | null {
  const day = `${month}-${String(number).padStart(2, '0')}` as Day
  const real = new Date(`${day}T00:00:00Z`)
  return !Number.isNaN(real.getTime()) && real.toISOString().startsWith(day) ? day : null
}

function nextMonth(day: Day): string {
  const [year, month] = [Number(day.slice(0, 4)), Number(day.slice(5, 7))]
  return month === 12 ? `${year + 1}-01` : `${year}-${String(month + 1).padStart(2, '0')}`
}

const lastOfMonth = (day: Day): Day => addDays(`${nextMonth(day)}-01` as Day, -1)

/** 'the 18th': the next one to come. */
function nextNumbered(text: string, today: Day): Day | null {
  const number = numberOf(text)
  const here = onMonth(today.slice(0, 7), number)
  return here && here > today ? here : onMonth(nextMonth(today), number)
}

function dayOfMonth(text: string, month: string, today: Day): Day | null {
  const index = MONTHS.findIndex((name) => name.startsWith(month.slice(0, 3)))
  const year = Number(today.slice(0, 4))
  const at = (y: number): Day | null => onMonth(`${y}-${String(index + 1).padStart(2, '0')}`, numberOf(text))
  const here = at(year)
  return here && here >= addDays(today, -60) ? here : at(year + 1)
}

const DAYS_IN: Readonly<Record<string, number>> = { day: 1, week: 7, fortnight: 14, month: 30 }
const countOf = (text: string): number => COUNTS[text.replace('a couple of', 'couple')] ?? Number(text)
const span = (count: string, unit: string, today: Day): Day => addDays(today, countOf(count) * DAYS_IN[unit]!)

const MORE_COUNTS: Readonly<Record<string, number>> = {
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  eighteen: 18,
  twenty: 20,
}
const LEAD_COUNT =
  '(a couple of|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|eighteen|twenty|\\d+)'
const LEAD = new RegExp(
  `\\b(?:${LEAD_COUNT} (?:to|or|maybe|perhaps) )?${LEAD_COUNT} (?:more )?(working )?(day|week|fortnight|month)s?\\b`,
)

/** A time that something takes: both ends of it in days, and whether working days were said; null where none is told. */
export function readLeadEnds(text: string): { low: number; high: number; working: boolean } | null {
  const match = LEAD.exec(text)
  if (!match) return null
  const days = (said: string): number => (MORE_COUNTS[said] ?? countOf(said)) * DAYS_IN[match[4]!]!
  const high = days(match[2]!)
  const low = match[1] ? days(match[1]) : high
  return Number.isFinite(high) ? { low: Number.isFinite(low) ? low : high, high, working: Boolean(match[3]) } : null
}

/** A length of time to make or bring something, in calendar days; a range takes its last number. */
export const readLead = (text: string): number | null => readLeadEnds(text)?.high ?? null
