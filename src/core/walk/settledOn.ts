import type { RegisterEntry } from './siteState'
import type { VisitKind } from './observation'

/** What a kind of walk can settle, beside what holds work: kinds of entry, 'finding' and 'decision' among them. */
const SETTLED_ON: Readonly<Record<VisitKind, readonly string[]>> = {
  scope: ['finding', 'decision', 'from-afar', 'sleeping-risk', 'bearing-clue', 'boundary', 'count'],
  kickoff: ['decision', 'access', 'delivery-path', 'set-up', 'hazard-screen', 'permit', 'protection'],
  progress: ['finding', 'open-up', 'hidden-damage', 'moving-test', 'release', 'from-afar', 'order-error', 'count'],
  layout: ['decision', 'layout', 'alignment', 'square', 'installers-choice'],
  'before-cover': ['pre-cover-photos', 'release', 'moving-test', 'inspection', 'open-up', 'backing', 'finding'],
  'end-of-day': ['close-up', 'cleanliness', 'weather-cover', 'protection', 'outage'],
  completion: ['defect', 'return-part', 'order-error', 'handover-item', 'finding', 'client-question', 'trade-question'],
  return: ['return-part', 'order-error', 'defect'],
}

/** Whether something that is open can be settled on a walk of a kind.
 * @param what a kind of entry, 'finding' or 'decision' */
export const settlesOn = (walk: VisitKind, what: RegisterEntry['kind']): boolean => SETTLED_ON[walk].includes(what)
