import type { CautionId } from '../../cautions/cautionIds'
import type { Caution } from '../../cautions/cautions'
import type { Stage, Trade } from '../../scope/vocabulary'

/** Languages of the sheets that trades and crew read, by their own names. */
export const LANGUAGES = { en: 'English', es: 'Español', pl: 'Polski' } as const
export type Language = keyof typeof LANGUAGES

/** Words of the pages that trades and crew read. */
export const PAGE_KEYS = [
  'work',
  'ready',
  'notReady',
  'others',
  'access',
  'know',
  'wholeSite',
  'leave',
  'care',
  'confirm',
  'decline',
  'confirmed',
  'declined',
  'why',
  'nextFree',
  'sendDecline',
  'tellUs',
  'late',
  'hour',
  'halfDay',
  'day',
  'doneWithPhoto',
  'photo',
  'left',
  'sendDone',
  'ask',
  'question',
  'send',
  'changing',
  'beingChanged',
  'isDone',
  'willHear',
  'nothingToDo',
  'untranslated',
  'workInOrder',
  'what',
  'who',
  'done',
  'when',
  'held',
  'before',
  'goesIn',
  'worksHere',
  'leaveAlone',
  'notInScope',
  'print',
  'notPlanned',
  'notMeasured',
  'notChosen',
  'asItStands',
  'mailAsks',
  'mailReminds',
  'reminder',
  'calledOff',
  'inspection',
  'measuring',
] as const
export type PageWords = Readonly<Record<(typeof PAGE_KEYS)[number], string>>

/** Everything that a sheet says by itself, in one language. What people typed stays as they typed it. */
export interface Catalogue {
  readonly stages: Readonly<Record<Stage, string>>
  readonly trades: Readonly<Record<Trade, string>>
  /** Monday first, in short. */
  readonly weekdays: readonly string[]
  /** January first, in short. */
  readonly months: readonly string[]
  readonly halves: readonly [morning: string, afternoon: string]
  /** Between the whole and the tenths of a figure. */
  readonly point: '.' | ','
  /** Between two days, and before the last of a list. */
  readonly to: string
  readonly and: string
  readonly onSite: string
  readonly notOnSite: string
  /** After a list of stages that are finished. */
  readonly finished: string
  /** What treatments and gates call their work, where things to choose stand and what they are, by the English words. */
  readonly titles: Readonly<Record<string, string>>
  readonly cautions: Readonly<Record<CautionId, Caution>>
  /** Says who alone may clear a caution. */
  readonly mayClear: (who: string) => string
  readonly page: PageWords
}
