import type { CautionId } from '../cautions/cautionIds'
import type { Basis } from '../places/geometry'
import type { PlaceKind } from '../places/place'
import type { LeadKey } from './leads'
import type { RateKey } from './rates'
import type { Action, Element, Stage, Trade } from './vocabulary'

/** A line of a treatment: what it becomes at a place follows from the place's geometry and the firm's rates. */
export interface TreatmentLine {
  readonly stage: Stage
  readonly trade: Trade
  readonly action: Action
  readonly element: Element
  readonly title: string
  readonly per: Basis
  readonly rate: RateKey
  readonly cautions?: readonly CautionId[]
  readonly inspects?: readonly Stage[]
  readonly beforeCover?: boolean
  readonly outage?: string
}

export interface TreatmentSelection {
  readonly what: string
  readonly lead: LeadKey
  readonly neededFor: Stage
}

/** What happens at a place, in one phrase, and the lines of work, selections and cautions that it brings. */
export interface Treatment {
  readonly id: string
  readonly title: string
  readonly fits: readonly PlaceKind[]
  readonly cautions: readonly CautionId[]
  readonly lines: readonly TreatmentLine[]
  readonly selections: readonly TreatmentSelection[]
}

type Rest = Partial<Pick<TreatmentLine, 'cautions' | 'inspects' | 'beforeCover' | 'outage'>>

/** Shorthand for the tables of treatments: stage, trade, action, element, title, basis, rate. */
export const work = (
  stage: Stage,
  trade: Trade,
  action: Action,
  element: Element,
  title: string,
  per: Basis,
  rate: RateKey,
  rest: Rest = {},
): TreatmentLine => ({ stage, trade, action, element, title, per, rate, ...rest })

export const choose = (what: string, lead: LeadKey, neededFor: Stage): TreatmentSelection => ({ what, lead, neededFor })
