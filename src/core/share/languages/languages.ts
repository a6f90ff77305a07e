import type { Caution } from '../../cautions/cautions'
import type { CautionId } from '../../cautions/cautionIds'
import { weekday, type Day } from '../../calendar/day'
import type { PlannedVisit } from '../../schedule/plan'
import type { VisitTime } from '../../schedule/planDiff'
import { LANGUAGES, type Catalogue, type Language } from './catalogue'
import { ENGLISH } from './english'
import { POLISH } from './polish'
import { SPANISH } from './spanish'

const CATALOGUES: Readonly<Record<Language, Catalogue>> = { en: ENGLISH, es: SPANISH, pl: POLISH }
export const catalogueOf = (language: Language): Catalogue => CATALOGUES[language]

/** @param asked a language that somebody chose, maybe none that we have
 * @param usual the one where nobody chose */
export const languageFrom = (asked: string | undefined, usual: Language = 'en'): Language =>
  Object.keys(LANGUAGES).includes(asked ?? '') ? (asked as Language) : usual

/** `Mon 16 Mar`, `lun 16 mar`, `pon. 16 mar` */
export const shortDayIn = ({ weekdays, months }: Catalogue, day: Day): string =>
  `${weekdays[weekday(day) - 1]} ${Number(day.slice(8))} ${months[Number(day.slice(5, 7)) - 1]}`

/** The days of a visit, as `visitDays` tells them in English. */
export function visitDaysIn(words: Catalogue, visit: VisitTime): string {
  const first = shortDayIn(words, visit.startDay)
  if (visit.startDay !== visit.endDay) return `${first} ${words.to} ${shortDayIn(words, visit.endDay)}`
  return visit.startHalf === visit.endHalf ? `${first}, ${words.halves[visit.startHalf]}` : first
}

/** `a, b and c` */
export const listedIn = ({ and }: Catalogue, items: readonly string[]): string =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} ${and} ${items.at(-1)}`

/** What a treatment, a gate or a list calls something, in a language; what a person called it stays as they said it. */
export const titleIn = ({ titles }: Pick<Catalogue, 'titles'>, title: string): string =>
  Object.hasOwn(titles, title) ? titles[title]! : title

/** What a visit is for: to look, to measure, or its stages. */
export const visitTitleIn = (
  words: Catalogue,
  { stages, trade, measures }: Pick<PlannedVisit, 'stages' | 'trade' | 'measures'>,
): string =>
  trade === 'inspector'
    ? words.page.inspection
    : measures
      ? words.page.measuring
      : listedIn(
          words,
          stages.map((stage, i) => (i === 0 ? words.stages[stage] : words.stages[stage].toLowerCase())),
        )

/** An amount with the point of a language. */
export const amountIn = ({ point }: Pick<Catalogue, 'point'>, amount: string): string =>
  amount.replace(/(?<=\d)\.(?=\d)/g, point)

/** A caution whole: what it is, the usual care, and the only ones who may clear it. */
export const cautionWords = ({ mayClear }: Catalogue, { what, care, deferTo }: Caution): string =>
  `${what}: ${care} ${mayClear(deferTo)}`

export const cautionIn = (words: Catalogue, id: CautionId): string => cautionWords(words, words.cautions[id])
